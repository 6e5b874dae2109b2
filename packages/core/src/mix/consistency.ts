import type { Consistency } from './schema';

/** Steps from thin to thick with the viscosity each ends at, Pa·s (orders of magnitude from memory; readings correct them). */
export const CONSISTENCIES: readonly {
  readonly step: Consistency;
  readonly belowPaS: number;
  readonly shows: string;
}[] = [
  { step: 'thin', belowPaS: 0.45, shows: 'leaves no mound at all' },
  { step: 'flowing', belowPaS: 0.95, shows: 'a small mound that closes at once, like buttermilk' },
  { step: 'medium', belowPaS: 2.2, shows: 'a trace that stays 1 to 2 seconds, like thick soup' },
  {
    step: 'thick',
    belowPaS: Infinity,
    shows: 'a mound that stays 3 to 4 seconds, like warm honey',
  },
];

/** The step a viscosity falls in. */
export const consistencyOf = (viscosityPaS: number): Consistency =>
  CONSISTENCIES.find((c) => viscosityPaS < c.belowPaS)?.step ?? 'thick';

/** Lower and upper viscosity of a step, Pa·s. */
export function stepLimits(step: Consistency): {
  readonly fromPaS: number;
  readonly belowPaS: number;
} {
  const at = CONSISTENCIES.findIndex((c) => c.step === step);
  return {
    fromPaS: CONSISTENCIES[at - 1]?.belowPaS ?? 0,
    belowPaS: CONSISTENCIES[at]?.belowPaS ?? Infinity,
  };
}

/** The thin step has no beginning and the thick one no end: their widths are taken from and to here, Pa·s (estimate). */
const THINNEST_PAS = 0.05;
const THICKEST_PAS = 8;

/**
 * Just inside a step, from its thin and from its thick side, as logarithms of Pa·s: what comes from outside is brought to here, no further.
 * @param inside how far inside, as a part of the step's width in logarithms
 */
export function justInside(
  step: Consistency,
  inside: number,
): { readonly fromThin: number; readonly fromThick: number } {
  const { fromPaS, belowPaS } = stepLimits(step);
  const low = Math.log(Math.max(fromPaS, THINNEST_PAS));
  const high = Math.log(Math.min(belowPaS, THICKEST_PAS));
  return { fromThin: low + inside * (high - low), fromThick: high - inside * (high - low) };
}

/** Thick to thin as a number, 0 = thin. */
export const stepRank = (step: Consistency): number =>
  CONSISTENCIES.findIndex((c) => c.step === step);
