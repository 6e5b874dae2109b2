import { apportion } from '../quantity/apportion';
import type { TwoPart } from './schema';

/** One part of a batch: how much of it by volume and by weight. */
export interface Part {
  readonly ml: number;
  readonly g: number;
}

/** A volume of each part by the sheet's ratio, whichever way that is said: the sum is `ml`. */
export function partsOf({ by, parts, gPerMl }: TwoPart, ml: number): readonly [Part, Part] {
  const volumes = by === 'volume' ? parts : ([parts[0] / gPerMl[0], parts[1] / gPerMl[1]] as const);
  const whole = volumes[0] + volumes[1];
  const of = (i: 0 | 1): Part => {
    const own = (ml * volumes[i]) / whole;
    return { ml: own, g: own * gPerMl[i] };
  };
  return [of(0), of(1)];
}

/** The ratio by volume and by weight, of one part of hardener. */
export function ratiosOf(sheet: TwoPart): { readonly volume: number; readonly weight: number } {
  const [resin, hardener] = partsOf(sheet, 1);
  return { volume: resin.ml / hardener.ml, weight: resin.g / hardener.g };
}

/** Density of both parts mixed, volumes added (ideal mixing). */
export function mixedGPerMl(sheet: TwoPart): number {
  const [resin, hardener] = partsOf(sheet, 1);
  return resin.g + hardener.g;
}

/**
 * A whole amount in equal batches, none over the largest the sheet allows, each weighed in steps of a scale so that its ratio holds as nearly as
 * the scale can tell.
 * @returns grams of resin and hardener of each batch, with their volumes
 */
export function batchesOf(
  sheet: TwoPart,
  ml: number,
  stepG: number,
): readonly (readonly [Part, Part])[] {
  if (ml <= 0) return [];
  const n = Math.max(1, Math.ceil(ml / sheet.mostMl - 1e-9));
  const exact = partsOf(sheet, ml / n);
  const [resin, hardener] = apportion([exact[0].g, exact[1].g], stepG);
  const batch = [
    { g: resin!, ml: resin! / sheet.gPerMl[0] },
    { g: hardener!, ml: hardener! / sheet.gPerMl[1] },
  ] as const;
  return Array.from({ length: n }, () => batch);
}
