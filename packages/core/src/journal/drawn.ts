import { brief } from '../plan/brief/brief';
import { drawOf } from '../stock/draw';
import { needsOf } from '../stock/need';
import { readyOf } from '../stock/medium-batch';
import type { ShelfItem } from '../stock/schema';
import type { Run } from './schema';

type Line = NonNullable<Run['drawn']>['lines'][number];

/**
 * A finished run with what it takes off the shelf, worked out once: paints, materials, mediums that stood ready, and blanks. Top coats are drawn another day.
 * One that has drawn already, or is still under way, stays as it is.
 */
export function drawn(run: Run, shelf: readonly ShelfItem[]): Run {
  if (run.endedAt === undefined || run.drawn) return run;
  const lines = drawOf(needsOf(run.plan, brief(run.plan, { ready: readyOf(shelf) })), shelf).filter(
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

/** What a change of a run takes off the shelf: what it now draws, less what it drew before. */
export function drawnBetween(before: Run | undefined, after: Run): Line[] {
  const sums = new Map<string, Line>();
  const add = (run: Run | undefined, sign: number) => {
    if (!run?.drawn || run.drawn.undone) return;
    for (const line of run.drawn.lines) {
      const key = `${line.kind} ${line.id}`;
      const had = sums.get(key)?.taken ?? 0;
      sums.set(key, { ...line, taken: had + sign * line.taken });
    }
  };
  add(before, -1);
  add(after, 1);
  return [...sums.values()].filter((line) => line.taken !== 0);
}
