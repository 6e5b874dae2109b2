import type { PlanList, RunList } from '@potter/contract';
import { beginRun } from '@potter/core/journal';
import { edit } from '@potter/core/plan';
import { inStudio, plan } from '../../test/studio';
import { plans } from './schema';

const { ask, made, put, db } = inStudio();

const list = async (query = '') =>
  (await ask('GET', `/api/plans?${query}`)).body as Required<PlanList>;
/** Titles page by page, as one who always asks for more sees them. */
async function pages(query: string): Promise<string[][]> {
  const seen: string[][] = [];
  for (let end: string | undefined = ''; end !== undefined;) {
    const page = await list(`${query}${end === '' ? '' : `&after=${encodeURIComponent(end)}`}`);
    seen.push(page.plans.map((p) => p.title));
    end = page.next;
  }
  return seen;
}
const dated = (title: string, pour: string) => ({ ...plan(title), dates: { pour } });

test('every plan stands on exactly one page, in order, also those changed in one moment', async () => {
  const records = [];
  for (const title of ['A', 'B', 'C', 'D', 'E']) records.push(await made(plan(title)));
  expect(await pages('most=2')).toEqual([['E', 'D'], ['C', 'B'], ['A']]);
  expect((await list('most=2')).count).toBe(5);
  expect((await list()).next).toBeUndefined();
  await db().write((w) => w.update(plans).set({ updatedAt: '2026-11-24T10:00:00.000Z' }));
  const all = (await pages('most=2')).flat();
  expect([...all].sort()).toEqual(['A', 'B', 'C', 'D', 'E']);
  // One saved while somebody reads on is on top, and none is left out.
  const first = await list('most=2');
  const last = records.find((r) => r.plan.title === all[4])!;
  await ask('PUT', `/api/plans/${last.id}`, { revision: 1, plan: last.plan });
  const rest = await list(`most=4&after=${encodeURIComponent(first.next)}`);
  expect(rest.plans.map((p) => p.title)).toEqual(all.slice(2, 4));
});

test('a search finds a part of a title, whatever its case, and nothing else', async () => {
  for (const title of ['Quince and Slate', 'ÉTUDE 100 %', 'Under_score']) await made(plan(title));
  const found = async (search: string) =>
    (await list(`search=${encodeURIComponent(search)}`)).plans.map((p) => p.title);
  expect(await found('slate')).toEqual(['Quince and Slate']);
  expect(await found('étude')).toEqual(['ÉTUDE 100 %']);
  expect(await found('%')).toEqual(['ÉTUDE 100 %']);
  expect(await found('_')).toEqual(['Under_score']);
  expect(await found('nothing')).toEqual([]);
});

test('what is to be poured comes by its day; what was poured is off both lists', async () => {
  await made(dated('Late', '2026-12-09'));
  const soon = await made(dated('Soon', '2026-11-28'));
  await made(dated('Also soon', '2026-11-28'));
  await made(plan('Some day'));
  expect((await pages('of=to-pour&most=1')).flat().slice(0, 2).sort()).toEqual([
    'Also soon',
    'Soon',
  ]);
  expect((await pages('of=to-pour&most=1')).flat().at(-1)).toBe('Late');
  expect((await pages('of=without-a-day')).flat()).toEqual(['Some day']);
  const run = beginRun('run-00000001', soon.id, soon.plan, 1_000_000);
  await put(`/api/runs/${run.id}`, run);
  expect((await list('of=to-pour')).count).toBe(3);
  await put(`/api/runs/${run.id}`, { ...run, endedAt: 2_000_000 });
  expect((await pages('of=to-pour')).flat()).toEqual(['Also soon', 'Late']);
  // A day taken off is one taken off the list too.
  const late = (await list('search=late')).plans[0]!;
  const { plan: p } = (await ask('GET', `/api/plans/${late.id}`)).body;
  await ask('PUT', `/api/plans/${late.id}`, {
    revision: 1,
    plan: edit.rename({ ...p, dates: {} }, 'Late, some day'),
  });
  expect((await pages('of=without-a-day')).flat()).toEqual(['Late, some day', 'Some day']);
});

test('pours come page by page, the last first; one under way is on the first page', async () => {
  const { id, plan: p } = await made();
  for (let i = 1; i <= 5; i++) {
    const run = beginRun(`run-0000000${i}`, id, p, i * 1_000_000);
    await put(`/api/runs/${run.id}`, i === 1 ? run : { ...run, endedAt: i * 1_000_000 + 1 });
  }
  const first = (await ask('GET', '/api/runs?most=2')).body as RunList;
  expect(first.runs.map((r) => r.startedAt / 1e6)).toEqual([5, 4, 1]);
  expect(first.count).toBe(5);
  const next = (await ask('GET', `/api/runs?most=2&after=${encodeURIComponent(first.next!)}`))
    .body as RunList;
  expect(next.runs.map((r) => r.startedAt / 1e6)).toEqual([3, 2]);
});

test('a page that is none is refused', async () => {
  for (const query of ['most=0', 'most=501', 'most=-1', 'of=mine', 'limit=3'])
    expect((await ask('GET', `/api/plans?${query}`)).status).toBe(400);
  expect((await list('after=nothing')).plans).toEqual([]);
});
