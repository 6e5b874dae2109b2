import { randomUUID } from 'node:crypto';
import type { PlanList, PlanRecord, PlanSaved } from '@potter/contract';
import { checkPlan, type Plan } from '@potter/core/plan';
import { and, desc, eq } from 'drizzle-orm';
import type { Database } from '../db/open';
import { plans } from '../db/schema';
import { Refused } from '../http/refusal';
import { summarise } from './summary';

const gone = (): Refused => new Refused(404, 'no-plan', 'This plan is not in the studio any more.');

/** Refuses a plan whose parts refer to nothing, before anything is written. */
function held(plan: Plan): Plan {
  const faults = checkPlan(plan);
  if (faults.length > 0)
    throw new Refused(
      400,
      'invalid',
      'The plan refers to things it does not hold. Nothing was changed.',
      faults,
    );
  return plan;
}

export async function listPlans({ read }: Database): Promise<PlanList> {
  const rows = await read
    .select({
      id: plans.id,
      revision: plans.revision,
      updatedAt: plans.updatedAt,
      summary: plans.summary,
    })
    .from(plans)
    .orderBy(desc(plans.updatedAt), plans.id);
  return { plans: rows.map(({ summary, ...row }) => ({ ...row, ...summary })) };
}

export async function getPlan({ read }: Database, id: string): Promise<PlanRecord> {
  const [row] = await read
    .select({
      id: plans.id,
      revision: plans.revision,
      updatedAt: plans.updatedAt,
      plan: plans.plan,
    })
    .from(plans)
    .where(eq(plans.id, id));
  if (!row) throw gone();
  return row;
}

/** A plan as it is first kept, with what lists show of it. */
export const newRow = (plan: Plan, now: Date) => ({
  id: randomUUID(),
  revision: 1,
  updatedAt: now.toISOString(),
  plan: held(plan),
  summary: summarise(plan),
});

export async function createPlan(db: Database, plan: Plan, now: Date): Promise<PlanRecord> {
  const { summary, ...record } = newRow(plan, now);
  await db.write((w) => w.insert(plans).values({ ...record, summary }));
  return record;
}

/** Saves over exactly the revision that was read; the database itself decides which of two savers came first. */
export async function savePlan(
  db: Database,
  id: string,
  revision: number,
  plan: Plan,
  now: Date,
): Promise<PlanSaved> {
  const next = {
    revision: revision + 1,
    updatedAt: now.toISOString(),
    plan: held(plan),
    summary: summarise(plan),
  };
  const [saved] = await db.write((w) =>
    w
      .update(plans)
      .set(next)
      .where(and(eq(plans.id, id), eq(plans.revision, revision)))
      .returning({ id: plans.id }),
  );
  if (saved) return { id, revision: next.revision, updatedAt: next.updatedAt };
  const current = await getPlan(db, id);
  throw new Refused(
    409,
    'behind',
    'This plan was changed elsewhere in the meantime.',
    [],
    current.revision,
  );
}

export async function deletePlan(db: Database, id: string): Promise<void> {
  const [deleted] = await db.write((w) =>
    w.delete(plans).where(eq(plans.id, id)).returning({ id: plans.id }),
  );
  if (!deleted) throw gone();
}
