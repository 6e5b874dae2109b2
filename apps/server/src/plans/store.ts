import { randomUUID } from 'node:crypto';
import type {
  PlanCreate,
  PlanList,
  PlanRecord,
  PlanSave,
  PlanSaved,
  PlanSummary,
} from '@potter/contract';
import { judge } from '@potter/contract/validators';
import { checkPlan, type Plan } from '@potter/core/plan';
import { and, desc, eq } from 'drizzle-orm';
import { binned } from '../bin/bin';
import { readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { plans } from '../db/schema';
import { theOne } from '../http/the-one';
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
      text: textIn(plans.summary),
    })
    .from(plans)
    .orderBy(desc(plans.updatedAt), plans.id);
  const { sound, apart } = readDocuments<PlanSummary>('PlanSummary', rows, (summary, i) => {
    const { id, revision, updatedAt } = rows[i]!;
    return { id, revision, updatedAt, ...summary };
  });
  return { plans: sound, apart };
}

export async function getPlan({ read }: Database, id: string): Promise<PlanRecord> {
  const [row] = await read
    .select({
      id: plans.id,
      revision: plans.revision,
      updatedAt: plans.updatedAt,
      text: textIn(plans.plan),
    })
    .from(plans)
    .where(eq(plans.id, id));
  if (!row) throw gone();
  const { revision, updatedAt } = row;
  return { id, revision, updatedAt, plan: theOne(readDocuments<Plan>('Plan', [row]), 'plan') };
}

/** What lists show of a plan. Throws a refusal where what follows from it is no number: nobody could read it there. */
function listed(plan: Plan): ReturnType<typeof summarise> {
  const summary = summarise(plan);
  const faults = judge('PlanSummary', { id: '00000000', revision: 1, updatedAt: '', ...summary });
  if (faults.length > 0)
    throw new Refused(
      400,
      'unworkable',
      'What follows from these amounts is no figure one can work with. Nothing was changed.',
      faults,
    );
  return summary;
}

/** A plan as it is first kept, with what lists show of it. */
export const newRow = (plan: Plan, now: Date, id: string = randomUUID()) => ({
  id,
  revision: 1,
  updatedAt: now.toISOString(),
  plan: held(plan),
  summary: listed(plan),
});

/** Keeps a new plan; under an id that is taken, the plan that is there is the answer to one who asks twice. */
export async function createPlan(
  db: Database,
  { id, plan }: PlanCreate,
  now: Date,
): Promise<PlanRecord> {
  const { summary, ...record } = newRow(plan, now, id);
  const [made] = await db.write((w) =>
    w
      .insert(plans)
      .values({ ...record, summary })
      .onConflictDoNothing()
      .returning({ id: plans.id }),
  );
  return made ? record : getPlan(db, record.id);
}

/** Saves over exactly the revision that was read, or over a save of the sender's own whose answer was lost. */
export async function savePlan(
  db: Database,
  id: string,
  { revision, plan, save, unanswered = [] }: PlanSave,
  now: Date,
): Promise<PlanSaved> {
  const next = {
    updatedAt: now.toISOString(),
    plan: held(plan),
    summary: listed(plan),
    lastSave: save ?? null,
  };
  return db.write(async (w) => {
    const [was] = await w
      .select({
        revision: plans.revision,
        updatedAt: plans.updatedAt,
        lastSave: plans.lastSave,
      })
      .from(plans)
      .where(eq(plans.id, id));
    if (!was) throw gone();
    const { lastSave, ...answer } = was;
    if (save !== undefined && lastSave === save) return { id, ...answer };
    const own = lastSave !== null && unanswered.includes(lastSave);
    const [saved] =
      was.revision === revision || own
        ? await w
            .update(plans)
            .set({ ...next, revision: was.revision + 1 })
            // The database itself decides which of two savers came first.
            .where(and(eq(plans.id, id), eq(plans.revision, was.revision)))
            .returning({ id: plans.id, revision: plans.revision, updatedAt: plans.updatedAt })
        : [];
    if (saved) return saved;
    throw new Refused(
      409,
      'behind',
      'This plan was changed elsewhere in the meantime.',
      [],
      was.revision,
    );
  });
}

/** Deletes a plan, into the bin. */
export async function deletePlan(db: Database, id: string, now: Date): Promise<void> {
  if (!(await binned(db, 'plan', id, now))) throw gone();
}
