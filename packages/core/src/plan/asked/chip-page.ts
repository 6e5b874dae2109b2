import type { Factors } from '../../factor';
import { asCarded } from '../../mix/card';
import { mixTint, type Opacity, opacityOf } from '../../mix/opacity';
import type { Mix } from '../../mix/schema';
import { deltaE2000 } from '../../optics/delta-e';
import { DRAWN_BLACK, DRAWN_WHITE, filmSpectrum, reflectanceOf } from '../../optics/film';
import { hexToLab } from '../../optics/lab';
import { classesOf } from '../../optics/seen';
import { hexToSpectrum, type Spectrum, spectrumToHex } from '../../optics/spectrum';
import { notModelled } from '../../paint/property';
import { type Brief, masstoneIn } from '../brief/brief';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** Wet film one brush coat lays: half of the two that opacity is stated for. */
const COAT_UM = 100;
/** Coats a chip page shows. */
const MOST_COATS = 4;

/** What the ground does to a film: nothing to be seen, it shows through, or the two make a third colour. */
export type Reads = 'hides' | 'shows' | 'new-colour';

/** A film of one mix. */
export interface ChipFilm {
  /** So many brush coats; absent for the film as it is poured. */
  readonly coats?: number;
  readonly opacity: Opacity;
  readonly hexOverWhite: string;
  readonly hexOverBlack: string;
  /** Over the other mix that was asked for, thick and dry. */
  readonly hexOverMix?: string;
  readonly readsOverMix?: Reads;
}

/** What becomes of the class as medium goes in. */
export interface Thinned {
  /** Parts of medium to one part of paint. */
  readonly parts: number;
  /** Where its two coats stand: 0 to 1 transparent, to 2 semi-transparent, to 3 semi-opaque, above it opaque; 4 is a step beyond. */
  readonly classes: number;
  readonly opacity: Opacity;
}

export interface ChipPage {
  readonly films: readonly ChipFilm[];
  readonly thinned: readonly Thinned[];
  /** Medium the curve is reckoned with, by its id. */
  readonly medium: string;
  /** What no chip can show of paints in it. */
  readonly notes: readonly string[];
}

const PARTS = Array.from({ length: 9 }, (_, i) => i / 2);
/** Let down with this where the mix has no medium of its own. */
const USUAL_MEDIUM = 'conditioner';

/** All a chip page shows of a mix of a plan: films of 1 to 4 coats and as poured, over white, black and another mix, and what medium costs it. */
export function chipPage(plan: Plan, brief: Brief, mix: Mix, over?: Mix): ChipPage {
  const { paint: paintOf, recipeOf } = openPlan(plan);
  const reckoned = (of: Mix) => mixTint(recipeOf(of), paintOf);
  const tintOf = (of: Mix) => asCarded(of, reckoned(of));
  const tint = tintOf(mix);
  // Where a card showed that it hides otherwise than is reckoned, it does so with more medium, too.
  const hides = tint.s / reckoned(mix).s;
  const masstoneOf = masstoneIn(brief);
  const ground = over && {
    hex: masstoneOf(over.id),
    spectrum: over.paints.length === 1 ? hexToSpectrum(masstoneOf(over.id)) : thick(tintOf(over).q),
  };
  const film = (filmUm: number, coats?: number): ChipFilm => {
    const on = (under: number | Spectrum) => spectrumToHex(filmSpectrum(tint, filmUm, under));
    const overMix = ground && on(ground.spectrum);
    return {
      ...(coats === undefined ? {} : { coats }),
      opacity: opacityOf(tint, filmUm),
      hexOverWhite: on(DRAWN_WHITE),
      hexOverBlack: on(DRAWN_BLACK),
      ...(overMix && ground
        ? {
            hexOverMix: overMix,
            readsOverMix: readsOf(overMix, masstoneOf(mix.id), ground.hex, brief.factors),
          }
        : {}),
    };
  };
  const poured = brief.mixes.find((m) => m.id === mix.id)?.opacity.film.filmUm;
  const medium = mix.medium?.id ?? USUAL_MEDIUM;
  return {
    films: [
      ...Array.from({ length: MOST_COATS }, (_, i) => film((i + 1) * COAT_UM, i + 1)),
      ...(poured === undefined ? [] : [film(poured)]),
    ],
    medium,
    thinned: PARTS.map((parts): Thinned => {
      const { medium: _medium, waterParts: _water, ...dry } = mix;
      const { q, s } = reckoned(parts === 0 ? dry : { ...dry, medium: { id: medium, parts } });
      const opacity = opacityOf({ q, s: s * hides });
      return { parts, classes: classesOf(opacity.barSeen), opacity };
    }),
    notes: [...new Set(mix.paints.flatMap(({ paint }) => notModelled(paintOf(paint)) ?? []))],
  };
}

const thick = (q: Spectrum): Spectrum => q.map(reflectanceOf);

/** What the eye makes of a film on a ground. */
export function readsOf(
  filmHex: string,
  masstoneHex: string,
  groundHex: string,
  factors: Factors,
): Reads {
  const film = hexToLab(filmHex);
  const own = deltaE2000(film, hexToLab(masstoneHex));
  if (own < factors['hides-within']) return 'hides';
  const apart = factors['new-colour-from'];
  return own > apart && deltaE2000(film, hexToLab(groundHex)) > apart ? 'new-colour' : 'shows';
}
