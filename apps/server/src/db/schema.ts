import type { PlanSummary, ShelfPaint } from '@potter/contract';
import type { Plan } from '@potter/core/plan';
import { index, integer, sqliteTable, text } from 'drizzle-orm/sqlite-core';

/** Plans as whole documents; `summary` is what a list shows, worked out at each save. */
export const plans = sqliteTable(
  'plans',
  {
    id: text('id').primaryKey(),
    revision: integer('revision').notNull(),
    updatedAt: text('updated_at').notNull(),
    plan: text('plan', { mode: 'json' }).$type<Plan>().notNull(),
    summary: text('summary', { mode: 'json' })
      .$type<Omit<PlanSummary, 'id' | 'revision' | 'updatedAt'>>()
      .notNull(),
  },
  (table) => [index('plans_updated').on(table.updatedAt)],
);

/** Paints on the shelf, by the id that plans copy. */
export const paints = sqliteTable('paints', {
  id: text('id').primaryKey(),
  position: integer('position').notNull(),
  entry: text('entry', { mode: 'json' }).$type<ShelfPaint>().notNull(),
});
