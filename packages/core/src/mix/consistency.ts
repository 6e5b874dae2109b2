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

/** Thick to thin as a number, 0 = thin. */
export const stepRank = (step: Consistency): number =>
  CONSISTENCIES.findIndex((c) => c.step === step);
