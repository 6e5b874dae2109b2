import { randomUUID } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { PlanRecord } from '@potter/contract';
import { check } from '@potter/contract/validators';
import { advance, beginRun, noteOn, type Run, runSheet } from '@potter/core/journal';
import { faultLine, openPour, readShelfCsv } from '@potter/core/format';
import type { Database } from '../db/open';
import { createPlan, listPlans } from '../plans/store';
import { putRun } from '../runs/store';
import { putManyOnShelf, readShelf } from '../shelf/store';

/**
 * Fills an empty studio from a folder: `shelf.csv`, `plans/*.pour.json` and `runs.json`. A studio that holds anything is left alone.
 * Throws an Error naming file and fault where the folder is not right.
 */
export async function seed(db: Database, folder: string, now: Date): Promise<'filled' | 'kept'> {
  const [shelf, plans] = [await readShelf(db), await listPlans(db)];
  if (shelf.items.length > 0 || plans.plans.length > 0) return 'kept';
  const table = readShelfCsv(await readFile(join(folder, 'shelf.csv'), 'utf8'), [], (item) =>
    check('ShelfItem', item),
  );
  if (table.faults.length > 0)
    throw new Error(`shelf.csv: ${table.faults.map(faultLine).join('; ')}`);
  await putManyOnShelf(
    db,
    table.added.map(({ item }) => item),
  );
  const files = (await readdir(join(folder, 'plans')))
    .filter((f) => f.endsWith('.pour.json'))
    .sort();
  const made = new Map<string, PlanRecord>();
  for (const [index, file] of files.entries()) {
    const opened = openPour(await readFile(join(folder, 'plans', file), 'utf8'), (value) =>
      check('Plan', value),
    );
    if (!opened.ok) throw new Error(`${file}: ${opened.faults.map(faultLine).join('; ')}`);
    // A second apart, so that the list keeps the files' order, first on top.
    made.set(file, await createPlan(db, opened.plan, new Date(now.getTime() - index * 1000)));
  }
  for (const told of JSON.parse(await readFile(join(folder, 'runs.json'), 'utf8')) as ToldRun[]) {
    const record = made.get(told.plan);
    if (!record) throw new Error(`runs.json: there is no plan ${told.plan}`);
    await putRun(db, ...retell(told, record, now));
  }
  return 'filled';
}

/** A pour of the demo as it is told: how long ago, how much slower than planned, and what was noted. */
interface ToldRun {
  readonly plan: string;
  readonly startedHoursAgo: number;
  readonly pace: number;
  readonly moves: Readonly<Record<string, string>>;
  readonly note: string;
}

/** Carries a told pour out move by move, so that the demo's journal is made as any other. */
function retell(told: ToldRun, { id: planId, plan }: PlanRecord, now: Date): [string, Run] {
  const id = randomUUID();
  const begun = now.getTime() - told.startedHoursAgo * 3_600_000;
  const sheet = runSheet(plan);
  const poured = sheet.reduce(
    (run, step, at) => {
      const note = told.moves[step.move];
      const noted = note === undefined ? run : noteOn(run, at, note);
      return advance(noted, Math.round(begun + step.endS * told.pace * 1000));
    },
    beginRun(id, planId, plan, begun),
  );
  return [id, { ...poured, note: told.note }];
}
