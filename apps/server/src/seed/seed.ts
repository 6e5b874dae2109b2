import { randomUUID } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { check } from '@potter/contract/validators';
import type { Piece } from '@potter/core/piece';
import { sizeWords } from '@potter/core/surface';
import { chosenTechnique } from '@potter/core/technique';
import { advance, beginRun, noteOn, type Run, runSheet } from '@potter/core/journal';
import { faultLine, openPour, readShelfCsv } from '@potter/core/format';
import type { Database } from '../db/open';
import { pictures, pieces, plans, runs, shelf } from '../db/schema';
import { rowOf as pieceRowOf } from '../pieces/row';
import { newRow } from '../plans/store';
import { rowOf } from '../runs/store';
import { shelfRows } from '../shelf/store';

/**
 * Fills an empty studio from a folder: `shelf.csv`, `plans/*.pour.json`, `runs.json`, and `pieces.json` with its photographs. A studio that holds anything
 * is left alone.
 * Throws an Error naming file and fault where the folder is not right.
 */
export async function seed(db: Database, folder: string, now: Date): Promise<'filled' | 'kept'> {
  const { read } = db;
  if ((await read.$count(shelf)) > 0 || (await read.$count(plans)) > 0) return 'kept';
  const table = readShelfCsv(await readFile(join(folder, 'shelf.csv'), 'utf8'), [], (item) =>
    check('ShelfItem', item),
  );
  if (table.faults.length > 0)
    throw new Error(`shelf.csv: ${table.faults.map(faultLine).join('; ')}`);
  const files = (await readdir(join(folder, 'plans')))
    .filter((f) => f.endsWith('.pour.json'))
    // By the numbers they begin with: 10 comes after 9.
    .sort((a, b) => a.localeCompare(b, 'en', { numeric: true }));
  const made = new Map<string, ReturnType<typeof newRow>>();
  for (const [index, file] of files.entries()) {
    const opened = openPour(await readFile(join(folder, 'plans', file), 'utf8'), (value) =>
      check('Plan', value),
    );
    if (!opened.ok) throw new Error(`${file}: ${opened.faults.map(faultLine).join('; ')}`);
    // A second apart, so that the list keeps the files' order, first on top.
    made.set(file, newRow(opened.plan, new Date(now.getTime() - index * 1000)));
  }
  const poured = (JSON.parse(await readFile(join(folder, 'runs.json'), 'utf8')) as ToldRun[]).map(
    (told) => {
      const record = made.get(told.plan);
      if (!record) throw new Error(`runs.json: there is no plan ${told.plan}`);
      return retell(told, record, now);
    },
  );
  const journal = await piecesOf(folder, made, now);
  // All of it or nothing: a studio half filled would be taken for one that is in use.
  const rows = shelfRows(
    table.added.map(({ item }) => item),
    1,
  );
  await db.write((w) =>
    w.batch([
      w.insert(shelf).values(rows),
      w.insert(plans).values([...made.values()]),
      w.insert(runs).values(poured.map((run) => ({ id: run.id, ...rowOf(run) }))),
      w.insert(pieces).values(journal.pieces),
      w.insert(pictures).values(journal.pictures),
    ]),
  );
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
function retell(told: ToldRun, { id: planId, plan }: ReturnType<typeof newRow>, now: Date): Run {
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
  return { ...poured, note: told.note };
}

/** A piece of the demo as it is told: the plan it was poured by, how long ago, and the states it was photographed in. */
interface ToldPiece extends Omit<Piece, 'id' | 'madeAt' | 'photographs'> {
  readonly name: string;
  readonly plan: string;
  readonly seed: number;
  readonly daysAgo: number;
  readonly states: readonly ('wet' | 'dry' | 'coated')[];
  /** Its photographs are squared up. */
  readonly squared?: true;
}

type Corners = NonNullable<NonNullable<Piece['photographs']>[number]['corners']>;

const DAY_MS = 86_400_000;
/** How long after the pour each photograph was taken. */
const TAKEN_AFTER_MS = { wet: 0, dry: 3 * DAY_MS, coated: 10 * DAY_MS } as const;

/** The season's pieces with their photographs, by the plans of the demo. */
async function piecesOf(
  folder: string,
  made: ReadonlyMap<string, ReturnType<typeof newRow>>,
  now: Date,
) {
  const told = JSON.parse(await readFile(join(folder, 'pieces.json'), 'utf8')) as ToldPiece[];
  const corners = JSON.parse(
    await readFile(join(folder, 'photographs', 'corners.json'), 'utf8'),
  ) as Readonly<Record<string, Corners>>;
  const taken: (typeof pictures.$inferInsert)[] = [];
  const rows = [];
  for (const { name, plan: file, seed: _, daysAgo, states, squared, ...piece } of told) {
    const record = made.get(file);
    if (!record) throw new Error(`pieces.json: there is no plan ${file}`);
    const madeAt = now.getTime() - daysAgo * DAY_MS;
    const photographs: NonNullable<Piece['photographs']> = [];
    for (const state of states) {
      const picture = `photograph-${name}-${state}`;
      const at = madeAt + TAKEN_AFTER_MS[state];
      const bytes = await readFile(join(folder, 'photographs', `${name}-${state}.jpg`));
      taken.push({ id: picture, type: 'image/jpeg', takenAt: at, bytes });
      const found = squared && corners[`${name}-${state}`];
      photographs.push({ picture, at, state, ...(found ? { corners: found } : {}) });
    }
    rows.push(
      pieceRowOf({
        ...piece,
        id: `piece-${name}`,
        madeAt,
        plan: record.id,
        technique: chosenTechnique(record.plan).name,
        size: sizeWords(record.plan.surface.shape, 'cm'),
        photographs,
      }),
    );
  }
  return { pieces: rows, pictures: taken };
}
