import { mixedGPerMl, sheetsWith } from '../coat';
import { type Brief, brief } from '../plan/brief/brief';
import { drawOf } from '../stock/draw';
import type { Plan } from '../plan/document/schema';
import { needsOf } from '../stock/need';
import { readyOf } from '../stock/medium-batch';
import { pricesOf } from '../stock/prices';
import type { ShelfItem } from '../stock/schema';
import { stagesOf } from '../schedule';
import { addedOf } from './at-the-table';
import type { Run } from './schema';
import { referencesOf } from '../verb';

type Line = NonNullable<Run['drawn']>['lines'][number];

/**
 * A finished run with what it takes off the shelf and what a piece of it cost, worked out once: paints, materials, mediums that stood
 * ready, and blanks, with what was mixed for what went on beside the plan. A top coat is drawn by the stage that lays it: what was mixed for it, where that is known.
 * One that has drawn already, or is still under way, stays as it is.
 */
export function drawn(run: Run, shelf: readonly ShelfItem[]): Run {
  if (run.endedAt === undefined || run.drawn) return run;
  const whole = brief(run.plan, { ready: readyOf(shelf), ...pricesOf(shelf, run.plan.surface) });
  const computed = ofStage(run.plan, whole, run.stage);
  const anew = new Map([...addedOf(run)].map(([mix, { anewG }]) => [mix, anewG]));
  const mixedMl = mixedOf(run);
  const needs = needsOf(run.plan, computed, anew)
    // The blank was taken as it was poured on.
    .filter(({ kind }) => run.stage === undefined || kind !== 'surface')
    .map((need) =>
      need.kind === 'finish' && need.id === 'resin' && mixedMl > 0
        ? { ...need, ml: mixedMl }
        : need,
    );
  const lines = drawOf(needs, shelf).filter(
    (line): line is Line => line.kind !== 'vessel' && line.kind !== 'jar',
  );
  // A later stage is done on pieces that have theirs.
  const costEach = run.stage === undefined ? Number(whole.cost.perPiece.toFixed(2)) : 0;
  return { ...run, drawn: { ...(costEach > 0 ? { costEach } : {}), lines } };
}

/** What was mixed of two parts at the table, mL. */
function mixedOf({ plan, moves }: Run): number {
  const g = moves
    .flatMap(({ mixed = [] }) => mixed.flatMap(({ of }) => of))
    .reduce((sum, part) => sum + (part.material in PARTS ? part.g : 0), 0);
  return g / mixedGPerMl(sheetsWith(plan.sheets).resin);
}

/** Materials that are the parts of a two-part coat. */
const PARTS: Readonly<Record<string, true>> = { resin: true, hardener: true };

/**
 * A brief with what a stage takes. Its mixes: the pour all but those that are for dots alone, which the first stage that sets them draws; what is for both
 * is mixed once.
 */
function ofStage(plan: Plan, computed: Brief, stage = 0): Brief {
  const uses = (mix: string) =>
    computed.budget.pots.filter((pot) => pot.mix === mix && pot.g > 0).map(({ use }) => use);
  const stages = stagesOf(plan);
  const mixedIn = (mix: string) => {
    const later = uses(mix).length > 0 && uses(mix).every((use) => use === 'dots');
    const sets = stages.findIndex(({ moves }) =>
      moves.some((m) => referencesOf(m).some(({ to, id }) => to === 'mix' && id === mix)),
    );
    return later ? Math.max(0, sets) : 0;
  };
  const moves = stages[stage]?.moves ?? [];
  return {
    ...computed,
    mixes: computed.mixes.filter(({ id }) => mixedIn(id) === stage),
    run: computed.run.filter((step) => moves.some(({ id }) => id === step.move)),
  };
}

/** Puts back what a run drew, or draws it once more. */
export const undrawn = (run: Run, undone: boolean): Run =>
  run.drawn ? { ...run, drawn: { lines: run.drawn.lines, ...(undone ? { undone } : {}) } } : run;

/** What a run draws as it stands, each thing once: nothing where it was undone. */
export function drawsOf(run: Run): Line[] {
  const sums = new Map<string, Line>();
  for (const line of run.drawn && !run.drawn.undone ? run.drawn.lines : []) {
    const key = `${line.kind} ${line.id}`;
    sums.set(key, { ...line, taken: (sums.get(key)?.taken ?? 0) + line.taken });
  }
  return [...sums.values()];
}
