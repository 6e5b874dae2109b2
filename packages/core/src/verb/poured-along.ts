import { outletOf } from '../cup/outlets';
import type { Act } from '../flow/act';
import type { Point } from '../surface/path';
import type { Desk, Done, Take } from './define';
import { meanNu } from './thickness';

/** From how high paint is poured, as a field of a move. */
export const HEIGHT = {
  kind: 'number',
  label: 'From a height of',
  min: 5,
  max: 1000,
  unit: 'mm',
  usual: 60,
} as const;

/** From this high on a stream gets no thinner, mm. */
const HIGH_MM = 300;

/** What a fall from higher would do is not in the picture. */
export const fallsFar = ({ heightMm }: { readonly heightMm: number }): readonly string[] =>
  heightMm > HIGH_MM ? ['a fall of more than 30 cm'] : [];
/** Kinematic viscosity the rate of a pour is stated for, m²/s: medium paint. Thicker runs slower. */
const STATED_NU = 9e-4;
/** However little there is, a hand takes this long over it, s. */
const LEAST_S = 3;

/**
 * Cups poured out one after the other along a line, or in one place.
 * @param how from how high, mm, and in how many seconds in all, where somebody says so
 */
export function pouredAlong(
  pathMm: readonly Point[],
  cups: readonly string[],
  { heightMm, s }: { readonly heightMm: number; readonly s?: number },
  { inCup, outletOf: outletIn, nuOf, factors }: Desk,
): Done {
  const [closeMm, highMm] = [factors['stream-close'], factors['stream-high']];
  const mm = closeMm - (closeMm - highMm) * Math.min(1, heightMm / HIGH_MM);
  // A cup named twice is empty the second time.
  const held = [...new Set(cups)].flatMap((id) => {
    const cup = inCup(id);
    return cup && cup.ml > 0 ? [{ ...cup, id }] : [];
  });
  const wholeMl = held.reduce((sum, { ml }) => sum + ml, 0);
  return {
    acts: held.map(({ id, ml, strata, stir }): Act => ({
      kind: 'stream',
      pathMm,
      radiusMm: [{ at: 0, mm }],
      strayMm: factors['pour-strays'],
      s:
        s === undefined
          ? Math.max(
              LEAST_S,
              ml / (factors['poured-per-second'] * Math.sqrt(STATED_NU / meanNu(strata, nuOf))),
            )
          : (s * ml) / wholeMl,
      core: false,
      strata,
      stir,
      outlet: outletOf(outletIn(id)),
      lamination: 'stack',
    })),
    takes: held.map(({ id, ml, g }): Take => ({ cup: id, ml, g })),
  };
}
