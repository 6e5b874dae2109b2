import { hexToLab } from '../../optics/lab';
import { idsOf } from '../../registry';
import { DOT_PATTERNS, type DotPatternId } from '../../technique';
import type { Plan } from '../document/schema';
import { openPlan } from '../document/open';
import { addDots, type DotsAsk } from '../edit/stages';

/** Dots as they are asked for before anybody says otherwise. */
export const USUAL_DOTS: Omit<DotsAsk, 'mixes'> = {
  pattern: 'mandala',
  dotMm: 8,
  round: 16,
  rows: 4,
  coated: true,
};

/** Dots over a plan's coat, as a pattern has them by itself. */
export interface DotsFor {
  readonly pattern: DotPatternId;
  readonly plan: Plan;
}

/** So many of its colours dots are set in by themselves, in turn: pale ones, which read on most pours. */
const COLOURS = 2;

/** Every pattern of dots on a plan, in its palest colours. */
export function dotsFor(plan: Plan): DotsFor[] {
  const { hexOf } = openPlan(plan);
  const lightness = (mix: string) => hexToLab(hexOf(mix))[0];
  const mixes = plan.mixes
    .map(({ id }) => id)
    .sort((a, b) => lightness(b) - lightness(a))
    .slice(0, COLOURS);
  return idsOf(DOT_PATTERNS).map((pattern) => ({
    pattern,
    plan: addDots(plan, { ...USUAL_DOTS, pattern, mixes }),
  }));
}
