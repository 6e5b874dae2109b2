import { beginRun } from '@potter/core/journal';
import { edit } from '@potter/core/plan';
import { inStudio, OAT, plan } from '../../test/studio';
import { emptyBin } from './bin';

const { ask, put, made, later, db } = inStudio();

const bin = async () =>
  (await ask('GET', '/api/bin')).body.things as { kind: string; id: string; name: string }[];
const back = (kind: string, id: string) => ask('POST', `/api/bin/${kind}/${id}/back`);

test('a plan, a pour and a thing on the shelf come back under the id they had, as they were', async () => {
  const { id, plan: p } = await made();
  await ask('PUT', `/api/plans/${id}`, { revision: 1, plan: edit.rename(p, 'Changed once') });
  const run = beginRun('run-00000001', id, p, 1_000_000);
  await put(`/api/runs/${run.id}`, run);
  await put('/api/shelf/paint/oat', OAT);
  const [record, list, shelf] = [
    (await ask('GET', `/api/plans/${id}`)).body,
    (await ask('GET', '/api/plans')).body,
    (await ask('GET', '/api/shelf')).body,
  ];
  for (const path of [`plans/${id}`, `runs/${run.id}`, 'shelf/paint/oat'])
    expect((await ask('DELETE', `/api/${path}`)).status).toBe(200);
  expect((await ask('GET', `/api/plans/${id}`)).status).toBe(404);
  expect((await bin()).map(({ kind, name }) => [kind, name])).toEqual([
    ['paint', 'Oat milk'],
    ['run', p.title],
    ['plan', 'Changed once'],
  ]);
  for (const thing of await bin()) expect((await back(thing.kind, thing.id)).status).toBe(200);
  expect((await ask('GET', `/api/plans/${id}`)).body).toEqual(record);
  expect((await ask('GET', '/api/plans')).body).toEqual(list);
  expect((await ask('GET', `/api/runs/${run.id}`)).body).toEqual(run);
  expect((await ask('GET', '/api/shelf')).body).toEqual(shelf);
  expect(await bin()).toEqual([]);
  expect((await back('plan', id)).body.error.code).toBe('not-in-bin');
});

test('nothing is put back over what stands there by now; made anew, the old one is let go', async () => {
  await put('/api/shelf/paint/oat', OAT);
  await ask('DELETE', '/api/shelf/paint/oat');
  await ask('POST', '/api/shelf', { items: [{ ...OAT, stockMl: 7 }] });
  expect((await back('paint', 'oat')).body.error).toMatchObject({
    code: 'there-already',
    message: 'Oat milk is there already. Nothing was changed.',
  });
  expect((await ask('GET', '/api/shelf')).body.items[0].stockMl).toBe(7);
  await put('/api/shelf/paint/oat', OAT);
  expect(await bin()).toEqual([]);
});

test('many taken off at once go in together', async () => {
  const items = ['a', 'b', 'c'].map((id) => ({ ...OAT, paint: { ...OAT.paint, id, name: id } }));
  await ask('POST', '/api/shelf', { items });
  await ask('POST', '/api/shelf/off', { items: items.slice(0, 2) });
  expect((await bin()).map((t) => t.name).sort()).toEqual(['a', 'b']);
});

test('after thirty days it is not offered any more, and let go for good', async () => {
  const { id } = await made(plan('Old'));
  await ask('DELETE', `/api/plans/${id}`);
  later(29);
  expect(await bin()).toHaveLength(1);
  later(2);
  expect(await bin()).toEqual([]);
  await emptyBin(db(), new Date(Date.UTC(2026, 10, 24 + 31, 12)));
  expect((await back('plan', id)).body.error.code).toBe('not-in-bin');
});

test('a row that is no document goes and comes back as it is', async () => {
  const { id } = await made();
  await db().read.run(`UPDATE plans SET "plan" = '{odd' WHERE id = '${id}'`);
  await ask('DELETE', `/api/plans/${id}`);
  await back('plan', id);
  expect(await db().read.all(`SELECT "plan" AS text FROM plans WHERE id = '${id}'`)).toEqual([
    { text: '{odd' },
  ]);
});
