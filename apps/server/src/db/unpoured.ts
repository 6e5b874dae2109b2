import { notExists, sql } from 'drizzle-orm';
import { plans, runs } from './schema';

/** Plans that no pour of has been over yet. */
export const unpoured = notExists(
  sql`(SELECT 1 FROM ${runs} WHERE ${runs.planId} = ${plans.id} AND ${runs.endedAt} IS NOT NULL)`,
);
