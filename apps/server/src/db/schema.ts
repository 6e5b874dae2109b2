import type { BinKind, PlanShown, Settings } from '@potter/contract';
import type { ShelfItem, ShelfKind } from '@potter/core/stock';
import type { Run, RunSummary } from '@potter/core/journal';
import type { Reaction } from '@potter/core/paint';
import type { Piece, PieceSummary, Status } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import type { PlanOnRack } from '@potter/core/rack';
import type { LessonLearnt } from '@potter/core/remark';
import { blob, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Plans as whole documents; `summary` is what a list shows, worked out at each save. */
export const plans = sqliteTable(
  'plans',
  {
    id: text('id').primaryKey(),
    revision: integer('revision').notNull(),
    updatedAt: text('updated_at').notNull(),
    plan: text('plan', { mode: 'json' }).$type<Plan>().notNull(),
    summary: text('summary', { mode: 'json' }).$type<PlanShown>().notNull(),
    /** Its title in small letters, by which it is searched. */
    sought: text('sought').notNull().default(''),
    /** The day it is to be poured on. */
    pour: text('pour'),
    /** What dates it without its document, worked out at each save; absent in rows of before there was one. */
    rack: text('rack', { mode: 'json' }).$type<PlanOnRack>(),
    /** The id its sender gave the last save, by which a save asked for twice is known. */
    lastSave: text('last_save'),
  },
  (table) => [
    // All that lists show: a row's document of many pages is not walked past to get at what lies behind it.
    index('plans_list').on(
      table.updatedAt,
      table.id,
      table.revision,
      table.pour,
      table.sought,
      table.summary,
    ),
  ],
);

/** What stands on the shelf, by kind and the id that plans copy; its figure is the one last said. */
export const shelf = sqliteTable(
  'shelf',
  {
    kind: text('kind').$type<ShelfKind>().notNull(),
    id: text('id').notNull(),
    position: integer('position').notNull(),
    item: text('item', { mode: 'json' }).$type<ShelfItem>().notNull(),
    /** What pours had drawn from it when its figure was said: what they draw since is off it. */
    drawn: real('drawn').notNull().default(0),
  },
  (table) => [primaryKey({ columns: [table.kind, table.id] })],
);

/** Pours, under way and done. */
export const runs = sqliteTable(
  'runs',
  {
    id: text('id').primaryKey(),
    startedAt: integer('started_at').notNull(),
    run: text('run', { mode: 'json' }).$type<Run>().notNull(),
    /** What a list shows, worked out at each save; absent in rows of before there was one. */
    summary: text('summary', { mode: 'json' }).$type<RunSummary>(),
    planId: text('plan_id'),
    /** Absent while it is under way. */
    endedAt: integer('ended_at'),
  },
  (table) => [
    index('runs_list').on(table.startedAt, table.id, table.endedAt, table.summary),
    index('runs_plan').on(table.planId, table.endedAt),
  ],
);

/** What came of pours, and pieces of before there were plans. */
export const pieces = sqliteTable(
  'pieces',
  {
    id: text('id').primaryKey(),
    madeAt: integer('made_at').notNull(),
    title: text('title').notNull(),
    /** The pour it came of; it goes and comes back with it. */
    run: text('run'),
    status: text('status').$type<Status>().notNull(),
    /** What lists are ordered by; nothing judged, and nothing said of a price, comes last. */
    grade: real('grade').notNull(),
    price: real('price').notNull(),
    /** All its words in small letters. */
    sought: text('sought').notNull(),
    piece: text('piece', { mode: 'json' }).$type<Piece>().notNull(),
    /** What a list shows, worked out at each save. */
    summary: text('summary', { mode: 'json' }).$type<PieceSummary>().notNull(),
    /** What was learnt of it, where something was. */
    lessons: text('lessons', { mode: 'json' }).$type<LessonLearnt[]>(),
  },
  (table) => [
    index('pieces_list').on(table.madeAt, table.id, table.run, table.status),
    index('pieces_run').on(table.run),
  ],
);

/** What pours draw from the shelf, mL or pieces: each pour's own lines, so that one undone puts back exactly its own. */
export const draws = sqliteTable(
  'draws',
  {
    run: text('run').notNull(),
    kind: text('kind').$type<ShelfKind>().notNull(),
    item: text('item').notNull(),
    taken: real('taken').notNull(),
  },
  (table) => [primaryKey({ columns: [table.run, table.kind, table.item] })],
);

/** What was deleted lately, as it was: its row, column by column, to be put back under the same id. */
export const bin = sqliteTable(
  'bin',
  {
    kind: text('kind').$type<BinKind>().notNull(),
    id: text('id').notNull(),
    name: text('name').notNull(),
    /** Milliseconds since 1970. */
    goneAt: integer('gone_at').notNull(),
    row: text('row').notNull(),
  },
  (table) => [primaryKey({ columns: [table.kind, table.id] })],
);

/** One row: how the studio likes things. */
export const settings = sqliteTable('settings', {
  id: text('id').primaryKey(),
  settings: text('settings', { mode: 'json' }).$type<Settings>().notNull(),
});

/** Paints and makers that did not get on. */
export const reactions = sqliteTable('reactions', {
  id: text('id').primaryKey(),
  noted: text('noted').notNull(),
  reaction: text('reaction', { mode: 'json' }).$type<Reaction>().notNull(),
});

/** Pictures as they were taken, made small on the way; documents name them by id. */
export const pictures = sqliteTable('pictures', {
  id: text('id').primaryKey(),
  type: text('type').notNull(),
  takenAt: integer('taken_at').notNull(),
  bytes: blob('bytes', { mode: 'buffer' }).notNull(),
  /** As lists show it; absent of one kept before it was made. */
  small: blob('small', { mode: 'buffer' }),
});

/** Devices that were let in over the network. Of what they carry only a digest is here: nobody gets in by what this table holds. */
export const devices = sqliteTable('devices', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  /** SHA-256 of its token. */
  token: text('token').notNull().unique(),
  /** Milliseconds since 1970. */
  pairedAt: integer('paired_at').notNull(),
  lastUsedAt: integer('last_used_at').notNull(),
  /** Absent while it is let in. */
  revokedAt: integer('revoked_at'),
});
