import { blend } from '../optics/blend';
import { DRAWN_BLACK, DRAWN_WHITE, filmSpectrum, type Tint } from '../optics/film';
import { contrastRatio, paintOptics, REFERENCE_UM, reserveOf } from '../optics/reserve';
import { barSeen, classSeen } from '../optics/seen';
import { spectrumToHex } from '../optics/spectrum';
import type { OpacityClass, Paint } from '../paint/schema';
import type { Recipe } from './recipe';

/** How a film of stated thickness hides what is under it. */
export interface Opacity {
  /** Hiding reserve of this film: 1 hides just. */
  readonly reserve: number;
  readonly contrastRatio: number;
  /** How much of a black bar on white is seen through it, ΔE00. */
  readonly barSeen: number;
  readonly class: OpacityClass;
  readonly filmUm: number;
}

/** Tint of a mix: its paints blended and let down by all else. */
export function mixTint(recipe: Recipe, paintOf: (id: string) => Paint): Tint {
  const paints = recipe.ingredients.filter((i) => i.kind === 'paint');
  const clear = recipe.ingredients
    .filter((i) => i.kind !== 'paint')
    .reduce((sum, i) => sum + i.ml, 0);
  return blend(
    paints.map((i) => ({ optics: paintOptics(paintOf(i.id)), volume: i.ml })),
    clear,
  );
}

/** Tint of the paints alone, before medium and water. */
export function paintTint(recipe: Recipe, paintOf: (id: string) => Paint): Tint {
  const paints = recipe.ingredients.filter((i) => i.kind === 'paint');
  return blend(
    paints.map((i) => ({ optics: paintOptics(paintOf(i.id)), volume: i.ml })),
    0,
  );
}

/** Opacity of `filmUm` wet µm of a tint. The class is what the eye sees of a bar under it; the ratio is the ISO figure beside. */
export function opacityOf(tint: Tint, filmUm: number = REFERENCE_UM): Opacity {
  const seen = barSeen(tint, filmUm);
  return {
    reserve: (reserveOf(tint) * filmUm) / REFERENCE_UM,
    contrastRatio: contrastRatio(tint, filmUm),
    barSeen: seen,
    class: classSeen(seen),
    filmUm,
  };
}

/** The two halves of a drawdown chip: the film over white and over black. */
export function drawdown(
  tint: Tint,
  filmUm: number = REFERENCE_UM,
): { readonly hexOverWhite: string; readonly hexOverBlack: string } {
  return {
    hexOverWhite: spectrumToHex(filmSpectrum(tint, filmUm, DRAWN_WHITE)),
    hexOverBlack: spectrumToHex(filmSpectrum(tint, filmUm, DRAWN_BLACK)),
  };
}
