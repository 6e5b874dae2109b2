import { brief } from '../plan/brief/brief';
import { tableOf } from '../plan/brief/table';
import { openPlan } from '../plan/document/open';
import { keepLedger, type Left } from '../verb';
import { stagesOf } from '../schedule';
import { addedOf } from './at-the-table';
import type { Run } from './schema';

/** Less than this cannot be got out of a cup or a pot, g (estimate). */
const CLINGS_G = 1;

/**
 * What stands on the table after a run, in cups and pots: what its moves did not take, for they were skipped or never came, less what went on beside
 * the plan out of what was left. All pieces together, in the order it stands there.
 */
export function leftAfter(run: Run): readonly Left[] {
  const { plan, moves, stage = 0 } = run;
  const computed = brief(plan);
  const earlier = stagesOf(plan)
    .slice(0, stage)
    .flatMap((before) => before.moves.map(({ id }) => id));
  const done = new Set([
    ...earlier,
    ...moves.flatMap(({ move, endedAt, skipped }) =>
      endedAt === undefined || skipped ? [] : [move],
    ),
  ]);
  const { left: all } = keepLedger(
    plan.moves.filter(({ id }) => done.has(id)),
    tableOf(openPlan(plan), computed.surface, computed.budget, computed.cups, computed.factors),
  );
  // Paint for dots is mixed when their day has come.
  const left = all.filter(({ use }) => (use === 'dots') === stage > 0);
  const added = new Map([...addedOf(run)].map(([mix, { g, anewG }]) => [mix, g - anewG]));
  // Pots first: what was kept back is what one reaches for.
  const reached = [...left].sort(
    (a, b) => Number(a.cup !== undefined) - Number(b.cup !== undefined),
  );
  const less = new Map<Left, number>();
  for (const held of reached) {
    const out = Math.min(held.g, added.get(held.mix) ?? 0);
    if (out <= 0) continue;
    added.set(held.mix, added.get(held.mix)! - out);
    less.set(held, out);
  }
  return left.flatMap((held) => {
    const g = held.g - (less.get(held) ?? 0);
    return g < CLINGS_G ? [] : [{ ...held, g, ml: (held.ml * g) / held.g }];
  });
}
