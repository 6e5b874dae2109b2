import type { RunList } from '@potter/contract';
import { drawnBetween, type Run } from '@potter/core/journal';
import { checkPlan } from '@potter/core/plan';
import { desc, eq } from 'drizzle-orm';
import type { Database } from '../db/open';
import { runs } from '../db/schema';
import { Refused } from '../http/refusal';
import { drawFrom } from '../shelf/store';

/** As many pours as a diligent studio makes in a year or two; older ones stay in the database. */
const MOST = 300;

export async function listRuns({ read }: Database): Promise<RunList> {
  const rows = await read
    .select({ run: runs.run })
    .from(runs)
    .orderBy(desc(runs.startedAt), runs.id)
    .limit(MOST);
  return { runs: rows.map((r) => r.run) };
}

/**
 * Keeps a run as the device at the table has it: one pair of hands pours, so the last word is the right one. What it draws from the shelf,
 * or puts back, is done with it or not at all.
 */
export async function putRun(db: Database, id: string, run: Run): Promise<Run> {
  if (run.id !== id)
    throw new Refused(400, 'invalid', 'The run and its address differ. Nothing was changed.', [
      { path: '/id', message: `must be "${id}"; it is "${run.id}"` },
    ]);
  const faults = checkPlan(run.plan);
  if (faults.length > 0)
    throw new Refused(
      400,
      'invalid',
      'The plan of this run refers to things it does not hold. Nothing was changed.',
      faults,
    );
  const row = { startedAt: run.startedAt, run };
  await db.write(async (w) => {
    const [before] = await w.select({ run: runs.run }).from(runs).where(eq(runs.id, id));
    const drawing = await drawFrom(w, drawnBetween(before?.run, run));
    await w.batch([
      w
        .insert(runs)
        .values({ id, ...row })
        .onConflictDoUpdate({ target: runs.id, set: row }),
      ...drawing,
    ]);
  });
  return run;
}

export async function deleteRun(db: Database, id: string): Promise<void> {
  const [gone] = await db.write((w) =>
    w.delete(runs).where(eq(runs.id, id)).returning({ id: runs.id }),
  );
  if (!gone) throw new Refused(404, 'no-run', 'This run is not in the journal any more.');
}
