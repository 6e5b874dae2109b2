import type { RunList, RunRow } from '@potter/contract';
import { drawnBetween, type Run, summariseRun } from '@potter/core/journal';
import { checkPlan } from '@potter/core/plan';
import { desc, eq, inArray } from 'drizzle-orm';
import type { Database } from '../db/open';
import { runs } from '../db/schema';
import { Refused } from '../http/refusal';
import { drawFrom } from '../shelf/store';

/** As many pours as a diligent studio makes in a year or two; older ones stay in the database. */
const MOST = 300;
/** A pour that ended less than this ago still has timers somebody waits for. */
const LATELY_MS = 24 * 3_600_000;

/** The last pours as lists show them; whole where they are under way, or ended lately. */
export async function listRuns(db: Database, now: Date): Promise<RunList> {
  const rows = await db.read
    .select({ id: runs.id, summary: runs.summary })
    .from(runs)
    .orderBy(desc(runs.startedAt), runs.id)
    .limit(MOST);
  const summaries = new Map(rows.flatMap((r) => (r.summary ? [[r.id, r.summary]] : [])));
  for (const run of await wholeRuns(
    db,
    rows.flatMap((r) => (r.summary ? [] : [r.id])),
  )) {
    const summary = summariseRun(run);
    summaries.set(run.id, summary);
    await db.write((w) => w.update(runs).set({ summary }).where(eq(runs.id, run.id)));
  }
  const open = rows.flatMap(({ id }) => {
    const { endedAt } = summaries.get(id)!;
    return endedAt === undefined || now.getTime() - endedAt < LATELY_MS ? [id] : [];
  });
  const whole = new Map((await wholeRuns(db, open)).map((run) => [run.id, run]));
  return {
    runs: rows.map(({ id }): RunRow => {
      const run = whole.get(id);
      const { cores, dries, ...summary } = summaries.get(id)!;
      return {
        ...summary,
        cores: cores.map((core) => core.map((stratum) => ({ ...stratum }))),
        dries: dries.map((act) => ({ ...act })),
        ...(run ? { run } : {}),
      };
    }),
  };
}

async function wholeRuns({ read }: Database, ids: readonly string[]): Promise<Run[]> {
  if (ids.length === 0) return [];
  const rows = await read
    .select({ run: runs.run })
    .from(runs)
    .where(inArray(runs.id, [...ids]));
  return rows.map((r) => r.run);
}

export async function getRun(db: Database, id: string): Promise<Run> {
  const [run] = await wholeRuns(db, [id]);
  if (!run) throw gone();
  return run;
}

const gone = (): Refused => new Refused(404, 'no-run', 'This run is not in the journal any more.');

/** A run as it is kept, with what lists show of it. */
export const rowOf = (run: Run) => ({
  startedAt: run.startedAt,
  run,
  summary: summariseRun(run),
});

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
  const row = rowOf(run);
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
  const [deleted] = await db.write((w) =>
    w.delete(runs).where(eq(runs.id, id)).returning({ id: runs.id }),
  );
  if (!deleted) throw gone();
}
