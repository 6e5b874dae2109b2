import { brief } from '../plan/brief/brief';
import { drawOf } from '../stock/draw';
import { needsOf } from '../stock/need';
import { readyOf } from '../stock/medium-batch';
import type { ShelfItem } from '../stock/schema';
import { addedOf } from './at-the-table';
import type { Run } from './schema';

type Line = NonNullable<Run['drawn']>['lines'][number];

/**
 * A finished run with what it takes off the shelf, worked out once: paints, materials, mediums that stood ready, and blanks, with what was mixed
 * for what went on beside the plan. Top coats are drawn another day.
 * One that has drawn already, or is still under way, stays as it is.
 */
export function drawn(run: Run, shelf: readonly ShelfItem[]): Run {
  if (run.endedAt === undefined || run.drawn) return run;
  const computed = brief(run.plan, { ready: readyOf(shelf) });
  const anew = new Map([...addedOf(run)].map(([mix, { anewG }]) => [mix, anewG]));
  const lines = drawOf(needsOf(run.plan, computed, anew), shelf).filter(
    (line): line is Line =>
      line.kind === 'paint' ||
      line.kind === 'material' ||
      line.kind === 'medium' ||
      line.kind === 'surface',
  );
  return { ...run, drawn: { lines } };
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
