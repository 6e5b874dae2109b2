import type { PlanShown, Rack } from '@potter/contract';
import type { Plan } from '@potter/core/plan';
import { planOnRack } from '@potter/core/rack';
import { and, eq, gt, isNotNull, sql } from 'drizzle-orm';
import { isSound, parsed, readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { plans, runs } from '../db/schema';
import { unpoured } from '../db/unpoured';

/** Pieces that ended longer ago than this have cured: nothing is to be done to them any more, ms. */
export const CURED_MS = 180 * 86_400_000;

type OnRack = Rack['plans'][number];

/** Plans that are not poured yet, and pieces poured within the last months, as lists have them. What cannot be read is set apart. */
export async function readRack(db: Database, now: Date): Promise<Rack> {
  const rows = await db.read
    .select({ id: plans.id, text: textIn(plans.summary), rack: textIn(plans.rack) })
    .from(plans)
    .where(unpoured);
  const planned = readDocuments('PlanShown', rows, (shown, i) => ({
    shown: shown as PlanShown,
    row: rows[i]!,
  }));
  const pouredRows = await db.read
    .select({
      id: runs.id,
      text: textIn(runs.summary),
      plan: plans.id,
      due: sql<string | null>`json_extract(${plans.summary}, '$.due')`,
    })
    .from(runs)
    .leftJoin(plans, and(eq(plans.id, runs.planId), sql`json_valid(${plans.summary})`))
    .where(and(isNotNull(runs.summary), gt(runs.endedAt, now.getTime() - CURED_MS)));
  // A day is promised, and moved, on the plan: a pour keeps the plan as it was poured.
  const poured = readDocuments<Rack['runs'][number]>('RunRow', pouredRows, (run, i) => {
    const { due: then, ...row } = run as Rack['runs'][number];
    const { plan, due } = pouredRows[i]!;
    const now = plan === null ? then : (due ?? undefined);
    return { ...row, ...(now === undefined ? {} : { due: now }) };
  });
  const onRack: OnRack[] = [];
  for (const { shown, row } of planned.sound) {
    const { title, pour, due } = shown;
    const rack = (parsed(row.rack) as OnRack['rack']) ?? (await workedOut(db, row.id));
    onRack.push({
      id: row.id,
      title,
      ...(pour === undefined ? {} : { pour }),
      ...(due === undefined ? {} : { due }),
      ...(rack ? { rack } : {}),
    });
  }
  return { plans: onRack, runs: poured.sound, apart: [...planned.apart, ...poured.apart] };
}

/** What a row of before it was kept lacks: worked out once, and kept with it. */
async function workedOut(db: Database, id: string): Promise<OnRack['rack']> {
  const [row] = await db.read
    .select({ text: textIn(plans.plan), revision: plans.revision })
    .from(plans)
    .where(eq(plans.id, id));
  if (!row?.text || !isSound('Plan', row.text)) return undefined;
  const rack = planOnRack(JSON.parse(row.text) as Plan);
  await db.write((w) =>
    w
      .update(plans)
      .set({ rack })
      .where(and(eq(plans.id, id), eq(plans.revision, row.revision))),
  );
  return rack as OnRack['rack'];
}
