import { brief, type Plan, previewOf, type Studio } from '@potter/core/plan';
import { runOffMl, type Outcome } from '@potter/core/flow';
import { trim } from '@potter/core/quantity';
import type { Wanted } from '@/picture/several';

/** A plan as one of several to be poured. */
export const pouring = (key: string, plan: Plan, studio: Studio): Wanted => ({
  key,
  preview: () => previewOf(plan, brief(plan, studio)),
});

/** What came of one in a line: cover, run-off, cells. */
export function inALine(outcome: Outcome): string {
  const { coveredShare, cells } = outcome;
  const off = runOffMl(outcome);
  const covered = coveredShare > 0.995 && coveredShare < 1 ? 99.5 : 100 * coveredShare;
  return [
    `covers ${trim(covered, 1)} %`,
    `${trim(off, 0)} mL off`,
    ...(cells && cells.share > 0.005 ? [`cells on ${trim(100 * cells.share, 0)} %`] : []),
  ].join(', ');
}
