import type { Change, RunList, RunsAsk } from '@potter/contract';
import { drawsOf, type Run, type RunSummary, summariseRun } from '@potter/core/journal';
import { checkPlan } from '@potter/core/plan';
import { and, desc, eq, inArray, isNull } from 'drizzle-orm';
import { binned, outOfBin } from '../bin/bin';
import { withChange } from '../db/change';
import { type Documents, isSound, readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { after, endOf, PAGE } from '../db/page';
import { runs } from '../db/schema';
import { Refused } from '../refused';
import { theOne } from '../http/the-one';
import { drawing } from '../shelf/store';

/** A pour that ended less than this ago still has timers somebody waits for. */
const LATELY_MS = 24 * 3_600_000;

/** A page of the pours as lists show them, as the text it goes out as; whole where they are under way, or ended lately. */
export async function listRunsText(
  db: Database,
  now: Date,
  { after: end, most: asked }: RunsAsk = {},
): Promise<string> {
  const most = asked === undefined ? PAGE : Number(asked);
  const columns = {
    id: runs.id,
    startedAt: runs.startedAt,
    endedAt: runs.endedAt,
    text: textIn(runs.summary),
  };
  const page = await db.read
    .select(columns)
    .from(runs)
    .where(end === undefined ? undefined : after(end, runs.startedAt, runs.id, 'down'))
    .orderBy(desc(runs.startedAt), runs.id)
    .limit(most + 1);
  const last = page.length > most ? page[most - 1] : undefined;
  // What is under way is on the first page, however long ago it began.
  const open =
    end === undefined && last
      ? await db.read
          .select(columns)
          .from(runs)
          .where(
            and(
              isNull(runs.endedAt),
              after(endOf(last.startedAt, last.id), runs.startedAt, runs.id, 'down'),
            ),
          )
      : [];
  const rows = [...page.slice(0, most), ...open];
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
  const lately = listed.flatMap(({ id, endedAt }) =>
    endedAt === undefined || now.getTime() - endedAt < LATELY_MS ? [id] : [],
  );
  const texts = new Map((await textsOf(db, lately)).map(({ id, text }) => [id, text ?? '']));
  const bad = new Set([...texts].flatMap(([id, text]) => (isSound('Run', text) ? [] : [id])));
  const shown = listed.map((summary) => {
    const text = bad.has(summary.id) ? undefined : texts.get(summary.id);
    const row = JSON.stringify(summary);
    return text === undefined ? row : `${row.slice(0, -1)},"run":${text}}`;
  });
  const rest: Omit<RunList, 'runs'> = {
    apart: [...known.apart, ...unknown.apart, ...(await wholeRuns(db, [...bad])).apart],
    count: await db.read.$count(runs),
    ...(last ? { next: endOf(last.startedAt, last.id) } : {}),
  };
  return `{"runs":[${shown.join(',')}],${JSON.stringify(rest).slice(1)}`;
}

const textsOf = async ({ read }: Database, ids: readonly string[]) =>
  ids.length === 0
    ? []
    : read
        .select({ id: runs.id, text: textIn(runs.run) })
        .from(runs)
        .where(inArray(runs.id, [...ids]));

const wholeRuns = async (db: Database, ids: readonly string[]): Promise<Documents<Run>> =>
  readDocuments('Run', await textsOf(db, ids));

export async function getRun(db: Database, id: string): Promise<Run> {
  const found = await wholeRuns(db, [id]);
  if (found.sound.length + found.apart.length === 0) throw gone();
  return theOne(found, 'run');
}

const gone = (): Refused => new Refused('no-run', 'This run is not in the journal any more.');

/** A run as it is kept, with what lists show of it. */
export const rowOf = (run: Run) => ({
  startedAt: run.startedAt,
  planId: run.planId,
  endedAt: run.endedAt ?? null,
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
    throw new Refused('invalid', 'The run and its address differ. Nothing was changed.', [
      { path: '/now/id', message: `must be "${id}"; it is "${change.now.id}"` },
    ]);
  return db.write(async (w) => {
    const before = change.was && (await wholeRuns(db, [id])).sound[0];
    const run = withChange('Run', before, change, 'This pour');
    const faults = checkPlan(run.plan);
    if (faults.length > 0)
      throw new Refused(
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
