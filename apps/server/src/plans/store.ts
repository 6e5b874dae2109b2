import { randomUUID } from 'node:crypto';
import type {
  PlanCreate,
  PlanList,
  PlanRecord,
  PlanSave,
  PlanSaved,
  PlansAsk,
} from '@potter/contract';
import { merged } from '@potter/contract/change';
import { judge } from '@potter/contract/validators';
import { checkPlan, type Plan } from '@potter/core/plan';
import { planOnRack } from '@potter/core/rack';
import { and, asc, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { binned } from '../bin/bin';
import { isSound, readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { after, endOf, PAGE } from '../db/page';
import { plans } from '../db/schema';
import { unpoured } from '../db/unpoured';
import { theOne } from '../http/the-one';
import { Refused } from '../refused';
import { summarise } from './summary';

const gone = (): Refused => new Refused('no-plan', 'This plan is not in the studio any more.');

/** Refuses a plan whose parts refer to nothing, before anything is written. */
function held(plan: Plan): Plan {
  const faults = checkPlan(plan);
  if (faults.length > 0)
    throw new Refused(
      'invalid',
      'The plan refers to things it does not hold. Nothing was changed.',
      faults,
    );
  return plan;
}

/** What each list holds, and what it is ordered by. */
const LISTS = {
  all: { where: undefined, key: plans.updatedAt, order: 'down' },
  'to-pour': { where: and(isNotNull(plans.pour), unpoured), key: plans.pour, order: 'up' },
  'without-a-day': {
    where: and(isNull(plans.pour), unpoured),
    key: plans.updatedAt,
    order: 'down',
  },
} as const;

/** A page of the plans asked for, as the text it goes out as. */
export async function listPlansText(
  { read }: Database,
  { of = 'all', search = '', after: end, most: asked }: PlansAsk = {},
): Promise<string> {
  const { where, key, order } = LISTS[of];
  const most = asked === undefined ? PAGE : Number(asked);
  const found = and(
    where,
    search === '' ? undefined : sql`instr(${plans.sought}, ${search.trim().toLowerCase()}) > 0`,
  );
  const rows = await read
    .select({
      id: plans.id,
      revision: plans.revision,
      updatedAt: plans.updatedAt,
      key,
      text: textIn(plans.summary),
    })
    .from(plans)
    .where(and(found, end === undefined ? undefined : after(end, key, plans.id, order)))
    .orderBy(order === 'up' ? asc(key) : desc(key), plans.id)
    .limit(most + 1);
  const page = rows.slice(0, most);
  const { sound, apart } = readDocuments('PlanShown', page, (_shown, i) => {
    const { id, revision, updatedAt, text } = page[i]!;
    return `${JSON.stringify({ id, revision, updatedAt }).slice(0, -1)},${text!.trimStart().slice(1)}`;
  });
  const last = page.at(-1);
  const rest: Omit<PlanList, 'plans'> = {
    apart,
    count: await read.$count(plans, found),
    ...(last && rows.length > most ? { next: endOf(last.key ?? '', last.id) } : {}),
  };
  return `{"plans":[${sound.join(',')}],${JSON.stringify(rest).slice(1)}`;
}

async function rowOfId({ read }: Database, id: string) {
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
  return row;
}

async function getPlan(db: Database, id: string): Promise<PlanRecord> {
  const row = await rowOfId(db, id);
  const { revision, updatedAt } = row;
  return { id, revision, updatedAt, plan: theOne(readDocuments<Plan>('Plan', [row]), 'plan') };
}

/** As `getPlan`, as the text it goes out as. */
export async function getPlanText(db: Database, id: string): Promise<string> {
  const row = await rowOfId(db, id);
  const text = row.text ?? '';
  if (!isSound('Plan', text)) theOne(readDocuments<Plan>('Plan', [row]), 'plan');
  const { revision, updatedAt } = row;
  return `${JSON.stringify({ id, revision, updatedAt }).slice(0, -1)},"plan":${text}}`;
}

/** What lists show of a plan. Throws a refusal where what follows from it is no number: nobody could read it there. */
function listed(plan: Plan): ReturnType<typeof summarise> {
  const summary = summarise(plan);
  const faults = judge('PlanShown', summary);
  if (faults.length > 0)
    throw new Refused(
      'unworkable',
      'What follows from these amounts is no figure one can work with. Nothing was changed.',
      faults,
    );
  return summary;
}

/** A plan as it is kept, with what lists show of it, and find it by. */
const rowOf = (plan: Plan, now: Date) => ({
  updatedAt: now.toISOString(),
  plan: held(plan),
  summary: listed(plan),
  rack: planOnRack(plan),
  sought: plan.title.toLowerCase(),
  pour: plan.dates?.pour ?? null,
});

/** A plan as it is first kept. */
export const newRow = (plan: Plan, now: Date, id: string = randomUUID()) => ({
  id,
  revision: 1,
  ...rowOf(plan, now),
});

/** Keeps a new plan; under an id that is taken, the plan that is there is the answer to one who asks twice. */
export async function createPlan(
  db: Database,
  { id, plan }: PlanCreate,
  now: Date,
): Promise<PlanRecord> {
  const row = newRow(plan, now, id);
  const [made] = await db.write((w) =>
    w.insert(plans).values(row).onConflictDoNothing().returning({ id: plans.id }),
  );
  const { revision, updatedAt } = row;
  return made ? { id: row.id, revision, updatedAt, plan } : getPlan(db, row.id);
}

/**
 * Saves over exactly the revision that was read, over a save of the sender's own whose answer was lost, or beside what another has changed in
 * other places since.
 */
export async function savePlan(
  db: Database,
  id: string,
  { revision, plan, save, unanswered = [], was: seen }: PlanSave,
  now: Date,
): Promise<PlanSaved> {
  const next = { ...rowOf(plan, now), lastSave: save ?? null };
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
    const over = was.revision === revision || (lastSave !== null && unanswered.includes(lastSave));
    const both = over ? undefined : await withBoth(db, id, plan, seen);
    const [saved] =
      over || both
        ? await w
            .update(plans)
            .set({ ...next, ...(both ? rowOf(both, now) : {}), revision: was.revision + 1 })
            // The database itself decides which of two savers came first.
            .where(and(eq(plans.id, id), eq(plans.revision, was.revision)))
            .returning({ id: plans.id, revision: plans.revision, updatedAt: plans.updatedAt })
        : [];
    if (saved) return both ? { ...saved, plan: both } : saved;
    throw new Refused(
      'behind',
      'This plan was changed elsewhere in the meantime.',
      [],
      was.revision,
    );
  });
}

/** The plan as it stands with another change of it; none where both changed the same part, or where the two make no sound plan. */
async function withBoth(
  db: Database,
  id: string,
  now: Plan,
  was: PlanSave['was'],
): Promise<Plan | undefined> {
  if (!was) return undefined;
  const [stands] = readDocuments<Plan>('Plan', [await rowOfId(db, id)]).sound;
  const result = stands && merged(stands, { now, was });
  if (!result || !('is' in result)) return undefined;
  const sound = judge('Plan', result.is).length === 0 && checkPlan(result.is).length === 0;
  return sound ? result.is : undefined;
}

/** Deletes a plan, into the bin. */
export async function deletePlan(db: Database, id: string, now: Date): Promise<void> {
  if (!(await binned(db, 'plan', id, now))) throw gone();
}
