import type { PlanList } from '@potter/contract';
import type { Database } from '../src/db/open';
import { listPlansText } from '../src/plans/store';

/** Titles of a studio's plans, by alphabet. */
export async function titlesIn(db: Database): Promise<string[]> {
  const { plans } = JSON.parse(await listPlansText(db)) as PlanList;
  return plans.map((p) => p.title).sort();
}
