import type { Change, LessonList, PieceList, PieceRow, PiecesAsk, Season } from '@potter/contract';
import type { Run } from '@potter/core/journal';
import { type Piece, pieceOfRun, seasonOf, wordsOf } from '@potter/core/piece';
import type { LessonLearnt } from '@potter/core/remark';
import { and, asc, count, desc, eq, isNotNull, notExists, type SQL, sql } from 'drizzle-orm';
import { binned, outOfBin } from '../bin/bin';
import { withChange } from '../db/change';
import { parsed, readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { after, endOf, PAGE } from '../db/page';
import { bin, pieces, runs } from '../db/schema';
import { theOne } from '../http/the-one';
import { Refused } from '../refused';
import { rowOf } from './row';

const gone = (): Refused => new Refused('no-piece', 'This piece is not in the journal any more.');

/** A piece goes and comes back with the pour it came of. */
const standing = notExists(
  sql`(SELECT 1 FROM ${bin} WHERE ${bin.kind} = 'run' AND ${bin.id} = ${pieces.run})`,
);

/** Pours that are over, no later stage of another, and have no piece yet. */
const WITHOUT_PIECE = and(
  isNotNull(runs.endedAt),
  // What lists show of it says it too, and is short.
  sql`json_valid(coalesce(${runs.summary}, ${runs.run}))`,
  sql`json_extract(coalesce(${runs.summary}, ${runs.run}), '$.stage') IS NULL`,
  notExists(sql`(SELECT 1 FROM ${pieces} WHERE ${pieces.run} = ${runs.id})`),
);

/** As many as one statement takes. */
const AT_ONCE = 100;

/** Every pour that is over ends as a piece: made as soon as somebody asks for pieces. */
async function makeUp(db: Database): Promise<void> {
  const rows = await db.read
    .select({ id: runs.id, text: textIn(runs.run) })
    .from(runs)
    .where(WITHOUT_PIECE);
  if (rows.length === 0) return;
  const { sound } = readDocuments<Run>('Run', rows);
  const made = sound.map((run) => rowOf(pieceOfRun(run)));
  for (let at = 0; at < made.length; at += AT_ONCE)
    await db.write((w) =>
      w
        .insert(pieces)
        .values(made.slice(at, at + AT_ONCE))
        .onConflictDoNothing(),
    );
}

const SORTS = {
  last: { key: pieces.madeAt, order: 'down' },
  best: { key: pieces.grade, order: 'down' },
  dearest: { key: pieces.price, order: 'down' },
  name: { key: pieces.title, order: 'up' },
} as const;

/** What was noted as it was poured. */
const NOTED = sql<string | null>`json_extract(${runs.summary}, '$.note')`;
const itsRun = and(eq(runs.id, pieces.run), sql`json_valid(${runs.summary})`);

const found = (search: string): SQL[] =>
  wordsOf(search).map(
    (word) =>
      sql`(instr(${pieces.sought}, ${word}) > 0 OR instr(lower(coalesce(${NOTED}, '')), ${word}) > 0)`,
  );

/** A page of the pieces asked for. */
export async function listPieces(
  db: Database,
  { after: end, most: asked, search = '', status, run, sort = 'last' }: PiecesAsk = {},
): Promise<PieceList> {
  await makeUp(db);
  const { key, order } = SORTS[sort];
  const most = asked === undefined ? PAGE : Number(asked);
  const wanted = and(
    standing,
    status === undefined ? undefined : eq(pieces.status, status),
    run === undefined ? undefined : eq(pieces.run, run),
    ...found(search),
  );
  const rows = await db.read
    .select({
      id: pieces.id,
      key,
      text: textIn(pieces.summary),
      cores: sql<string | null>`json_extract(${runs.summary}, '$.cores')`,
      noted: NOTED,
    })
    .from(pieces)
    .leftJoin(runs, itsRun)
    .where(and(wanted, end === undefined ? undefined : after(end, key, pieces.id, order)))
    .orderBy(order === 'up' ? asc(key) : desc(key), pieces.id)
    .limit(most + 1);
  const page = rows.slice(0, most);
  const { sound, apart } = readDocuments<PieceRow>('PieceRow', page, (row, i) => {
    const { noted } = page[i]!;
    const cores = parsed(page[i]!.cores) as PieceRow['cores'];
    return {
      ...(noted === null ? {} : { note: noted }),
      ...(row as PieceRow),
      ...(cores ? { cores } : {}),
    };
  });
  const last = page.at(-1);
  const [all] = await db.read
    .select({ count: count() })
    .from(pieces)
    .leftJoin(runs, itsRun)
    .where(wanted);
  return {
    pieces: sound,
    apart,
    count: all?.count ?? 0,
    ...(last && rows.length > most ? { next: endOf(last.key, last.id) } : {}),
  };
}

async function stored({ read }: Database, id: string): Promise<Piece | undefined> {
  const rows = await read
    .select({ id: pieces.id, text: textIn(pieces.piece) })
    .from(pieces)
    .where(and(eq(pieces.id, id), standing));
  return rows.length === 0 ? undefined : theOne(readDocuments<Piece>('Piece', rows), 'piece');
}

export async function getPiece(db: Database, id: string): Promise<Piece> {
  await makeUp(db);
  const piece = await stored(db, id);
  if (!piece) throw gone();
  return piece;
}

/** Keeps a change of a piece: what another device changed meanwhile stays, and what both changed is refused. */
export function putPiece(db: Database, id: string, change: Change<Piece>): Promise<Piece> {
  if (change.now.id !== id)
    throw new Refused('invalid', 'The piece and its address differ. Nothing was changed.', [
      { path: '/now/id', message: `must be "${id}"; it is "${change.now.id}"` },
    ]);
  return db.write(async (w) => {
    const [row] = await w
      .select({ id: pieces.id, text: textIn(pieces.piece) })
      .from(pieces)
      .where(eq(pieces.id, id));
    const before = row && change.was && readDocuments<Piece>('Piece', [row]).sound[0];
    const kept = rowOf(withChange('Piece', before, change, 'This piece'));
    await w.batch([
      w.insert(pieces).values(kept).onConflictDoUpdate({ target: pieces.id, set: kept }),
      outOfBin(w, 'piece', id),
    ]);
    return kept.piece;
  });
}

/** Takes a piece out of the journal, into the bin; the first of a pour goes with the pour. */
export async function deletePiece(db: Database, id: string, now: Date): Promise<void> {
  const piece = await stored(db, id);
  if (!piece) throw gone();
  const ofPour =
    piece.run === id && (await db.read.$count(runs, eq(runs.id, id))) > 0 ? 'run' : 'piece';
  if (!(await binned(db, ofPour, id, now))) throw gone();
}

/** All that was learnt, the last made first. */
export async function listLessons({ read }: Database): Promise<LessonList> {
  const rows = await read
    .select({ text: textIn(pieces.lessons) })
    .from(pieces)
    .where(and(isNotNull(pieces.lessons), standing))
    .orderBy(desc(pieces.madeAt), pieces.id);
  return { lessons: rows.flatMap(({ text }) => (parsed(text) as LessonLearnt[]) ?? []) };
}

/** A season at a glance, by this machine's clock. */
export async function readSeason(db: Database): Promise<Season> {
  await makeUp(db);
  const rows = await db.read
    .select({
      madeAt: pieces.madeAt,
      status: pieces.status,
      price: pieces.price,
      cost: sql<number | null>`json_extract(${pieces.summary}, '$.cost')`,
    })
    .from(pieces)
    .where(and(standing, sql`json_valid(${pieces.summary})`));
  const season = seasonOf(
    rows.map(({ price, cost, ...row }) => ({
      ...row,
      ...(price < 0 ? {} : { price }),
      ...(cost === null ? {} : { cost }),
    })),
    (ms) => {
      const at = new Date(ms);
      return `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}`;
    },
  );
  return { ...season, months: [...season.months], statuses: { ...season.statuses } };
}

/** Every piece as its document, the last made first. */
export async function allPieces(db: Database): Promise<Piece[]> {
  await makeUp(db);
  const rows = await db.read
    .select({ id: pieces.id, text: textIn(pieces.piece) })
    .from(pieces)
    .where(standing)
    .orderBy(desc(pieces.madeAt), pieces.id);
  return readDocuments<Piece>('Piece', rows).sound;
}

/** Takes in pieces of a file, each in the place of one of its id: all or none. */
export async function takeIn(db: Database, all: readonly Piece[]): Promise<void> {
  const [first, ...others] = all.map(rowOf);
  if (!first) return;
  await db.write((w) => {
    const put = (row: ReturnType<typeof rowOf>) =>
      w.insert(pieces).values(row).onConflictDoUpdate({ target: pieces.id, set: row });
    return w.batch([put(first), ...others.map(put)]);
  });
}
