import { firstInFirstOut } from '../cup/outlets';
import { cupsOf } from '../verb';
import type { Plan } from './schema';

/** What becomes of the first and the last that leave a cup, in an artist's words. */
export interface LeavesWords {
  readonly first: string;
  readonly last: string;
}

/** What happens to what leaves this cup first and last, by how the plan's moves empty it (handbook 5, common practice, no published source). */
export function leavesWords(plan: Plan, cupId: string): LeavesWords {
  const cup = plan.cups.find((c) => c.id === cupId);
  const move = plan.moves.find((m) => cupsOf(m).includes(cupId));
  if (cup?.loading === 'split')
    return {
      first: 'all compartments leave together, side by side',
      last: 'each to the end in its own direction',
    };
  if (move?.verb === 'flip')
    return {
      first: 'touches the surface first, runs outward',
      last: 'comes last, ends on top in the middle',
    };
  const outlet = cup?.outlet ?? 'rim';
  if (typeof outlet === 'object' && 'tipMm' in outlet)
    return {
      first: 'what stood lowest, as the first of a thin line',
      last: 'what stood on top, at the end of the line',
    };
  if (typeof outlet === 'object')
    return {
      first: `what stood lowest, through all ${outlet.holes} holes at once`,
      last: 'what stood on top, to the middle of every spot',
    };
  if (firstInFirstOut(outlet))
    return {
      first: 'what stood at the bottom, runs outward',
      last: 'what stood on top, comes last, to the centre',
    };
  return {
    first: 'leaves first, is pushed outward by all that follows',
    last: 'comes last, to the centre',
  };
}
