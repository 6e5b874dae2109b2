import type { Change, RunList, RunRow } from '@potter/contract';
import { drawsOf, type Run, type RunSummary, summariseRun } from '@potter/core/journal';
import { checkPlan } from '@potter/core/plan';
import { desc, eq, inArray } from 'drizzle-orm';
import { binned, outOfBin } from '../bin/bin';
import { withChange } from '../db/change';
import { type Documents, readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { runs } from '../db/schema';
import { Refused } from '../http/refusal';
import { theOne } from '../http/the-one';
import { drawing } from '../shelf/store';

/** As many pours as a diligent studio makes in a year or two; older ones stay in the database. */
const MOST = 300;
/** A pour that ended less than this ago still has timers somebody waits for. */
const LATELY_MS = 24 * 3_600_000;

/** The last pours as lists show them; whole where they are under way, or ended lately. */
export async function listRuns(db: Database, now: Date): Promise<RunList> {
  const rows = await db.read
    .select({ id: runs.id, text: textIn(runs.summary) })
    .from(runs)
    .orderBy(desc(runs.startedAt), runs.id)
    .limit(MOST);
  const known = readDocuments<RunSummary>(
    'RunRow',
    rows.filter((r) => r.text !== null),
  );
  const summaries = new Map(known.sound.map((s) => [s.id, s]));
  const unknown = await wholeRuns(
    db,
    rows.flatMap((r) => (r.text === null ? [r.id] : [])),
  );
  for (const run of unknown.sound) {
    const summary = summariseRun(run);
    summaries.set(run.id, summary);
    await db.write((w) => w.update(runs).set({ summary }).where(eq(runs.id, run.id)));
  }
  const listed = rows.flatMap(({ id }) => summaries.get(id) ?? []);
  const open = listed.flatMap(({ id, endedAt }) =>
    endedAt === undefined || now.getTime() - endedAt < LATELY_MS ? [id] : [],
  );
  const whole = await wholeRuns(db, open);
  const byId = new Map(whole.sound.map((run) => [run.id, run]));
  return {
    runs: listed.map(({ cores, dries, ...summary }): RunRow => {
      const run = byId.get(summary.id);
      return {
        ...summary,
        cores: cores.map((core) => core.map((stratum) => ({ ...stratum }))),
        dries: dries.map((act) => ({ ...act })),
        ...(run ? { run } : {}),
      };
    }),
    apart: [...known.apart, ...unknown.apart, ...whole.apart],
  };
}

async function wholeRuns({ read }: Database, ids: readonly string[]): Promise<Documents<Run>> {
  if (ids.length === 0) return { sound: [], apart: [] };
  const rows = await read
    .select({ id: runs.id, text: textIn(runs.run) })
    .from(runs)
    .where(inArray(runs.id, [...ids]));
  return readDocuments('Run', rows);
}

export async function getRun(db: Database, id: string): Promise<Run> {
  const found = await wholeRuns(db, [id]);
  if (found.sound.length + found.apart.length === 0) throw gone();
  return theOne(found, 'run');
}

const gone = (): Refused => new Refused(404, 'no-run', 'This run is not in the journal any more.');

/** A run as it is kept, with what lists show of it. */
export const rowOf = (run: Run) => ({
  startedAt: run.startedAt,
  run,
  summary: summariseRun(run),
});

/**
 * Keeps a change of a run: what another device changed meanwhile stays, and what both changed is refused. What it draws from the shelf, or
 * puts back, is done with it or not at all.
 * @returns the run as it stands
 */
export async function putRun(db: Database, id: string, change: Change<Run>): Promise<Run> {
  if (change.now.id !== id)
    throw new Refused(400, 'invalid', 'The run and its address differ. Nothing was changed.', [
      { path: '/now/id', message: `must be "${id}"; it is "${change.now.id}"` },
    ]);
  return db.write(async (w) => {
    const before = (await wholeRuns(db, [id])).sound[0];
    const run = withChange('Run', before, change, 'This pour');
    const faults = checkPlan(run.plan);
    if (faults.length > 0)
      throw new Refused(
        400,
        'invalid',
        'The plan of this run refers to things it does not hold. Nothing was changed.',
        faults,
      );
    const kept = rowOf(run);
    await w.batch([
      w
        .insert(runs)
        .values({ id, ...kept })
        .onConflictDoUpdate({ target: runs.id, set: kept }),
      outOfBin(w, 'run', id),
      ...drawing(w, id, drawsOf(run)),
    ]);
    return run;
  });
}

/** Strikes a run out, into the bin. What it drew stays drawn: the paint is poured. */
export async function deleteRun(db: Database, id: string, now: Date): Promise<void> {
  if (!(await binned(db, 'run', id, now))) throw gone();
}
