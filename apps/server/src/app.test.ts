import { join } from 'node:path';
import type { PlanSaved } from '@potter/contract';
import { formerOf } from '@potter/contract/change';
import { advance, beginRun } from '@potter/core/journal';
import { edit, type Plan } from '@potter/core/plan';
import type { ShelfPaint } from '@potter/core/stock';
import { inStudio, OAT, plan } from '../test/studio';
import { jpegOf } from '../test/picture';
import { runs } from './db/schema';
import { seed } from './seed/seed';

const { ask, app, db, made, put } = inStudio();

test('a plan is made, listed, read, saved and deleted', async () => {
  const record = await made();
  expect(record).toMatchObject({ revision: 1, plan: { title: 'Quince and Slate' } });

  const list = (await ask('GET', '/api/plans')).body;
  expect(list.plans).toHaveLength(1);
  expect(list.plans[0]).toMatchObject({
    title: 'Quince and Slate',
    size: '50 × 40 cm',
    technique: 'Flip cup',
    colours: 2,
    totalG: 836,
  });
  expect(list.plans[0].cores[0][0]).toMatchObject({ hex: '#ece5d6' });

  const saved = (
    await ask('PUT', `/api/plans/${record.id}`, {
      revision: 1,
      plan: edit.rename(record.plan, 'Slate'),
    })
  ).body as PlanSaved;
  expect(saved).toMatchObject({ id: record.id, revision: 2 });
  expect((await ask('GET', `/api/plans/${record.id}`)).body).toMatchObject({
    revision: 2,
    plan: { title: 'Slate' },
  });

  expect((await ask('DELETE', `/api/plans/${record.id}`)).status).toBe(200);
  expect((await ask('GET', `/api/plans/${record.id}`)).status).toBe(404);
});

test('a save over another’s is refused with the revision that stands, and changes nothing', async () => {
  const { id, plan: p } = await made();
  await ask('PUT', `/api/plans/${id}`, { revision: 1, plan: edit.rename(p, 'First') });
  const late = await ask('PUT', `/api/plans/${id}`, {
    revision: 1,
    plan: edit.rename(p, 'Second'),
  });
  expect(late.status).toBe(409);
  expect(late.body.error).toMatchObject({ code: 'behind', revision: 2 });
  expect((await ask('GET', `/api/plans/${id}`)).body.plan.title).toBe('First');
});

test('two savers who changed different parts both have theirs; who changed the same part is refused', async () => {
  const { id, plan: p } = await made();
  const save = (revision: number, plan: Plan) =>
    ask('PUT', `/api/plans/${id}`, { revision, plan, was: formerOf(p, plan) });
  await save(1, edit.rename(p, 'First'));
  const both = await save(1, { ...p, seed: 7 });
  expect(both).toMatchObject({ status: 200, body: { plan: { title: 'First', seed: 7 } } });
  const stands = await ask('GET', `/api/plans/${id}`);
  expect(stands.body).toMatchObject({ revision: 3, plan: { title: 'First', seed: 7 } });
  expect((await save(1, edit.rename(p, 'Second'))).body.error.code).toBe('behind');
  expect((await ask('GET', `/api/plans/${id}`)).body).toEqual(stands.body);
});

test('what two savers changed is refused together where it makes no sound plan', async () => {
  const { id, plan: p } = await made();
  const [, slate] = p.mixes;
  // One takes a mix out; the other has just made it the base.
  const without = {
    ...p,
    mixes: p.mixes.filter((m) => m !== slate),
    budget: { ...p.budget, shares: p.budget.shares.filter((s) => s.mix !== slate!.id) },
    cups: p.cups.map((cup) => ({
      ...cup,
      layers: (cup.layers ?? []).filter((l) => l.mix !== slate!.id),
    })),
  };
  const late: Plan = {
    ...p,
    budget: { ...p.budget, pots: [{ use: 'base', mix: slate!.id, filmMm: 1 }] },
  };
  const first = await ask('PUT', `/api/plans/${id}`, { revision: 1, plan: without });
  expect(first.body).toMatchObject({ revision: 2 });
  const answer = await ask('PUT', `/api/plans/${id}`, {
    revision: 1,
    plan: late,
    was: formerOf(p, late),
  });
  expect(answer.body.error.code).toBe('behind');
  expect((await ask('GET', `/api/plans/${id}`)).body.plan.mixes).toHaveLength(1);
});

test('a save asked for twice is answered as the first time', async () => {
  const { id, plan: p } = await made();
  const save = { revision: 1, plan: edit.rename(p, 'Once'), save: 'save-000001' };
  const { status, body } = await ask('PUT', `/api/plans/${id}`, save);
  // The header's own date may be a second later.
  expect(await ask('PUT', `/api/plans/${id}`, save)).toMatchObject({ status, body });
  expect((await ask('GET', `/api/plans/${id}`)).body.revision).toBe(2);
});

test('a save whose answer was lost is no change of another’s', async () => {
  const { id, plan: p } = await made();
  await ask('PUT', `/api/plans/${id}`, {
    revision: 1,
    plan: edit.rename(p, 'Answer lost'),
    save: 'save-000001',
  });
  const next = {
    revision: 1,
    plan: edit.rename(p, 'Went on'),
    save: 'save-000002',
    unanswered: ['save-000000', 'save-000001'],
  };
  const on = await ask('PUT', `/api/plans/${id}`, next);
  expect(on).toMatchObject({ status: 200, body: { revision: 3 } });
  // Once another has saved over it, it is behind like any other.
  await ask('PUT', `/api/plans/${id}`, { revision: 3, plan: edit.rename(p, 'Another') });
  const late = await ask('PUT', `/api/plans/${id}`, { ...next, save: 'save-000003' });
  expect(late.status).toBe(409);
  expect((await ask('GET', `/api/plans/${id}`)).body.plan.title).toBe('Another');
});

test('a plan made twice under one id is made once', async () => {
  const id = '0123456789abcdef0123456789abcdef';
  const one = await ask('POST', '/api/plans', { id, plan: plan() });
  const two = await ask('POST', '/api/plans', { id, plan: edit.rename(plan(), 'Not this') });
  expect(two.body).toEqual(one.body);
  expect((await ask('GET', '/api/plans')).body.plans).toHaveLength(1);
});

test('of many savers of one revision exactly one comes first', async () => {
  const { id, plan: p } = await made();
  const answers = await Promise.all(
    Array.from({ length: 8 }, (_, i) =>
      ask('PUT', `/api/plans/${id}`, { revision: 1, plan: edit.rename(p, `Saver ${i}`) }),
    ),
  );
  expect(answers.map((a) => a.status).sort()).toEqual([200, 409, 409, 409, 409, 409, 409, 409]);
  expect((await ask('GET', `/api/plans/${id}`)).body.revision).toBe(2);
});

test('a plan that breaks the schema is refused with every fault and its place, and nothing is kept', async () => {
  const bad = { ...plan(), title: '', seed: 'x' };
  const { status, body } = await ask('POST', '/api/plans', { plan: bad });
  expect(status).toBe(400);
  expect(body.error.message).toMatch(/2 places\. Nothing was changed/);
  expect(body.error.faults.map((f: { path: string }) => f.path).sort()).toEqual([
    '/plan/seed',
    '/plan/title',
  ]);
  expect((await ask('GET', '/api/plans')).body.plans).toEqual([]);
});

test('a plan that refers to nothing is refused', async () => {
  const p = plan();
  const { status, body } = await ask('POST', '/api/plans', {
    plan: { ...p, moves: [{ id: 'a', verb: 'flip', cup: 'c9', atMm: [1, 1] }] },
  });
  expect(status).toBe(400);
  expect(body.error.faults).toEqual([
    { path: '/moves/0/cup', message: 'no cup "c9"; there are "c1", "c2"' },
  ]);
});

test('paints are put on the shelf, changed in their place and taken off', async () => {
  await put('/api/shelf/paint/oat', OAT);
  await put('/api/shelf/paint/slate', {
    kind: 'paint',
    paint: { ...OAT.paint, id: 'slate', name: 'Slate' },
  });
  await put('/api/shelf/paint/oat', { ...OAT, stockMl: 20 });
  const { items } = (await ask('GET', '/api/shelf')).body;
  expect(items.map((e: ShelfPaint) => [e.paint.id, e.stockMl])).toEqual([
    ['oat', 20],
    ['slate', undefined],
  ]);
  expect((await ask('DELETE', '/api/shelf/paint/oat')).status).toBe(200);
  expect((await ask('DELETE', '/api/shelf/paint/oat')).body.error.code).toBe('not-on-shelf');
});

test('a paint under another’s address is refused', async () => {
  const { status, body } = await put('/api/shelf/paint/slate', OAT);
  expect(status).toBe(400);
  expect(body.error.faults[0]).toEqual({
    path: '',
    message: 'is the paint "oat", sent to paint "slate"',
  });
});

test.each([
  ['a name that resolves here', { host: 'evil.example' }],
  ['another site', { origin: 'http://evil.example' }],
])('the studio does not answer to %s', async (_, headers) =>
  expect(
    (await ask('GET', '/api/plans', undefined, headers as unknown as Record<string, string>))
      .status,
  ).toBe(403),
);
test.each(['localhost:4173', '127.0.0.1', '[::1]:4173'])('it answers to %s', async (host) =>
  expect((await ask('GET', '/api/health', undefined, { host })).status).toBe(200),
);

test('every answer carries the policy that runs only what was shipped', async () => {
  for (const url of ['/api/health', '/api/nothing']) {
    const policy = String((await ask('GET', url)).headers['content-security-policy']);
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval'");
    expect(policy).not.toContain("'unsafe-eval'");
  }
});

test.each([
  ['GET', '/api/nothing', undefined, 404, 'not-found'],
  ['POST', '/api/plans', undefined, 400, 'invalid'],
  ['GET', '/api/plans/no-such-plan', undefined, 404, 'no-plan'],
] as const)('%s %s is refused in the one shape', async (method, url, body, status, code) => {
  const answer = await ask(method, url, body);
  expect(answer.status).toBe(status);
  expect(answer.body.error).toMatchObject({
    code,
    faults: expect.any(Array),
    message: expect.any(String),
  });
});

test('what is too large or no JSON is refused in plain words', async () => {
  const send = (payload: string, type = 'application/json') =>
    app().inject({
      method: 'POST',
      url: '/api/plans',
      payload,
      headers: { host: '127.0.0.1', 'content-type': type },
    });
  expect((await send(`{"plan":"${'x'.repeat(1_100_000)}"}`)).json().error).toMatchObject({
    code: 'too-large',
    message: 'That is too large for the studio to take.',
  });
  expect((await send('{oops')).json().error.code).toBe('not-json');
  expect((await send('a=1', 'application/x-www-form-urlencoded')).json().error.code).toBe(
    'not-json',
  );
});

test('the demo fills an empty studio and leaves a used one alone', async () => {
  const folder = join(__dirname, '../../../demo/orchard-ledger');
  expect(await seed(db(), folder, new Date())).toBe('filled');
  const { plans } = (await ask('GET', '/api/plans')).body;
  expect(plans.map((p: { title: string }) => p.title)).toEqual([
    'Quince and Slate',
    'Damson Moon',
    'Kale and Walnut tiles',
    'Number 27',
    'Frosted Kale',
    'Beetroot Bloom',
    'Long Border',
    'Six clock faces',
    'Key tray',
    'Walnut rings',
    'Marrow Street twins',
    'Damson drift',
    'Pressed coasters',
    'Number 31',
  ]);
  expect((await ask('GET', '/api/shelf')).body.items.length).toBeGreaterThan(12);
  const { runs } = (await ask('GET', '/api/runs')).body;
  expect(runs).toHaveLength(2);
  expect(runs.every((r: { endedAt?: number }) => r.endedAt !== undefined)).toBe(true);
  expect(await seed(db(), folder, new Date())).toBe('kept');
});

test('a run is kept as the device at the table has it, newest first', async () => {
  const { id: planId, plan: p } = await made();
  const run = beginRun('run-00000001', planId, p, 1_000_000);
  expect((await put(`/api/runs/${run.id}`, run)).status).toBe(200);
  const on = advance(run, 1_060_000);
  await put(`/api/runs/${run.id}`, on);
  await put('/api/runs/run-00000002', { ...run, id: 'run-00000002', startedAt: 2_000_000 });
  const { runs } = (await ask('GET', '/api/runs')).body;
  expect(runs.map((r: { id: string }) => r.id)).toEqual(['run-00000002', 'run-00000001']);
  // Under way, so it is there whole; the list itself carries no plan.
  expect(runs[1].run).toEqual(on);
  expect(runs[1]).toMatchObject({ title: p.title, startedAt: 1_000_000 });
  expect((await ask('GET', `/api/runs/${run.id}`)).body).toEqual(on);
  expect((await ask('GET', '/api/runs/run-00000009')).body.error.code).toBe('no-run');
  expect((await put('/api/runs/run-00000003', run)).status).toBe(400);
  expect((await ask('DELETE', `/api/runs/${run.id}`)).status).toBe(200);
  expect((await ask('DELETE', `/api/runs/${run.id}`)).body.error.code).toBe('no-run');
});

test('a finished pour is listed by its summary, also one kept before there were summaries', async () => {
  const { id: planId, plan: p } = await made();
  const run = { ...beginRun('run-00000004', planId, p, 1_000_000), endedAt: 1_100_000, at: 0 };
  await put(`/api/runs/${run.id}`, run);
  const first = (await ask('GET', '/api/runs')).body;
  expect(first.runs[0].run).toBeUndefined();
  expect(first.runs[0].totalG).toBeGreaterThan(50);
  expect(first.runs[0].dries.map((d: { act: string }) => d.act)).toContain('cured');
  await db().write((w) => w.update(runs).set({ summary: null }));
  expect((await ask('GET', '/api/runs')).body).toEqual(first);
});

test('settings start with what most studios want, and stay as they were set', async () => {
  const start = (await ask('GET', '/api/settings')).body;
  expect(start).toMatchObject({ mass: 'g', length: 'cm', theme: 'system' });
  const changed = { ...start, length: 'in', consistencyNames: { thick: 'cold honey' } };
  await put('/api/settings', changed);
  expect((await ask('GET', '/api/settings')).body).toEqual(changed);
  expect((await put('/api/settings', { ...start, length: 'ell' })).status).toBe(400);
  expect((await ask('GET', '/api/settings')).body).toEqual(changed);
});

test('materials, mediums and vessels stand beside the paints', async () => {
  const items = [
    {
      kind: 'material',
      material: {
        id: 'pva-school',
        name: 'School glue',
        role: 'binder',
        densityGPerMl: 1.05,
        viscosityPaS: 3,
      },
    },
    {
      kind: 'medium',
      medium: {
        id: 'mine',
        name: 'My blend',
        basis: 'volume',
        of: [{ material: 'pva', parts: 2 }],
      },
    },
    { kind: 'vessel', id: 'jar', vessel: { topMm: 70, bottomMm: 70, heightMm: 120 }, count: 4 },
  ];
  for (const item of items) {
    const id = item.kind === 'material' ? 'pva-school' : item.kind === 'medium' ? 'mine' : 'jar';
    expect((await put(`/api/shelf/${item.kind}/${id}`, item)).status).toBe(200);
  }
  expect((await ask('GET', '/api/shelf')).body.items).toEqual(items);
});

test('a medium that would hold itself through others is refused with the way round, and nothing changes', async () => {
  const holding = (id: string, name: string, inside: string) => ({
    kind: 'medium',
    medium: {
      id,
      name,
      basis: 'volume',
      of: [
        { material: 'water', parts: 1 },
        { medium: inside, parts: 1 },
      ],
    },
  });
  expect((await put('/api/shelf/medium/a', holding('a', 'Autumn', 'b'))).status).toBe(200);
  const loop = await put('/api/shelf/medium/b', holding('b', 'Base', 'a'));
  expect(loop.status).toBe(400);
  expect(loop.body.error.message).toContain('Base would hold itself: Base → Autumn → Base');
  const both = await ask('POST', '/api/shelf', { items: [holding('b', 'Base', 'a')] });
  expect(both.body.error.code).toBe('loop');
  expect((await ask('GET', '/api/shelf')).body.items).toHaveLength(1);
});

test('a picture is kept under its id, told by what it is, and never overwritten', async () => {
  const send = (id: string, payload: Buffer, type = 'image/jpeg') =>
    app().inject({
      method: 'PUT',
      url: `/api/pictures/${id}`,
      payload,
      headers: { host: '127.0.0.1', 'content-type': type },
    });
  const jpeg = await jpegOf(90);
  expect((await send('picture-1', jpeg)).statusCode).toBe(200);
  const got = await app().inject({
    url: '/api/pictures/picture-1',
    headers: { host: '127.0.0.1' },
  });
  expect(got.headers['content-type']).toBe('image/jpeg');
  const other = await jpegOf(200);
  expect((await send('picture-1', other)).statusCode).toBe(200);
  const again = await app().inject({
    url: '/api/pictures/picture-1',
    headers: { host: '127.0.0.1' },
  });
  expect(again.rawPayload.equals(got.rawPayload)).toBe(true);
  expect((await send('picture-2', Buffer.from('<svg/>'))).json().error.code).toBe('not-a-picture');
  expect((await send('no', jpeg)).statusCode).toBe(400);
  expect((await send('picture-3', Buffer.alloc(5 * 1024 * 1024))).json().error.code).toBe(
    'too-large',
  );
  expect((await ask('GET', '/api/pictures/picture-9')).body.error.code).toBe('no-picture');
  // As bytes only here: elsewhere a picture is no body.
  const elsewhere = await app().inject({
    method: 'POST',
    url: '/api/plans',
    payload: jpeg,
    headers: { host: '127.0.0.1', 'content-type': 'image/jpeg' },
  });
  expect(elsewhere.json().error.code).toBe('not-json');
});

test('a whole table goes on the shelf at once, new things behind the last, or not at all', async () => {
  const items = Array.from({ length: 2500 }, (_, i) => ({
    kind: 'finish',
    id: `f${i}`,
    name: `Varnish ${i}`,
    product: 'varnish',
    stockMl: i,
  }));
  expect((await ask('POST', '/api/shelf', { items })).status).toBe(200);
  const changed = [{ ...items[7], stockMl: 1 }];
  await ask('POST', '/api/shelf', { items: changed });
  const shelf = (await ask('GET', '/api/shelf')).body.items;
  expect(shelf).toHaveLength(2500);
  expect(shelf[7]).toEqual(changed[0]);
  await ask('POST', '/api/shelf/off', { items: items.slice(0, 1200) });
  expect((await ask('GET', '/api/shelf')).body.items).toHaveLength(1300);
  await ask('POST', '/api/shelf', { items: items.slice(0, 1200) });
  const bad = await ask('POST', '/api/shelf', { items: [items[0], { kind: 'finish', id: 'x' }] });
  expect(bad.status).toBe(400);
  expect((await ask('GET', '/api/shelf')).body.items).toHaveLength(2500);
}, 20_000);

test('what did not get on is noted, changed in its place and taken out', async () => {
  const reaction = {
    id: 'reaction-1',
    on: '2026-11-20',
    a: { kind: 'paint', id: 'quince', name: 'Quince yellow' },
    b: { kind: 'maker', name: 'Mill Lane' },
    what: 'lumpy',
  };
  expect((await ask('PUT', '/api/reactions/reaction-1', reaction)).status).toBe(200);
  const later = { ...reaction, id: 'reaction-2', on: '2026-11-25', what: 'cracked' };
  await ask('PUT', '/api/reactions/reaction-2', later);
  await ask('PUT', '/api/reactions/reaction-1', { ...reaction, note: 'within a minute' });
  expect((await ask('GET', '/api/reactions')).body.reactions).toEqual([
    later,
    { ...reaction, note: 'within a minute' },
  ]);
  const bad = await ask('PUT', '/api/reactions/reaction-3', {
    ...reaction,
    id: 'reaction-3',
    what: 'exploded',
  });
  expect(bad.status).toBe(400);
  expect(bad.body.error.faults[0].path).toBe('/what');
  expect((await ask('PUT', '/api/reactions/reaction-3', reaction)).body.error.code).toBe('invalid');
  expect((await ask('DELETE', '/api/reactions/reaction-1')).body).toEqual({ done: true });
  expect((await ask('DELETE', '/api/reactions/reaction-1')).body.error.code).toBe('no-reaction');
  expect((await ask('GET', '/api/reactions')).body.reactions).toEqual([later]);
});

test('a list never fails for one row: the bad one is named, the others are there', async () => {
  const { id } = await made();
  await made(plan('No text'));
  const bad = await made(plan('Slipped'));
  await put('/api/shelf/paint/oat', OAT);
  await put('/api/shelf/paint/slate', {
    ...OAT,
    paint: { ...OAT.paint, id: 'slate', name: 'Slate' },
  });
  const run = beginRun('run-00000001', id, plan(), 1_795_000_000_000);
  await put(`/api/runs/${run.id}`, run);
  await put('/api/runs/run-00000002', { ...run, id: 'run-00000002' });
  for (const change of [
    "UPDATE plans SET summary = json_set(summary, '$.totalG', 'much') WHERE id = '" + bad.id + "'",
    `UPDATE plans SET summary = '{' WHERE id NOT IN ('${id}', '${bad.id}')`,
    `UPDATE plans SET "plan" = json_set("plan", '$.surface.pieces', 0) WHERE id = '${bad.id}'`,
    "UPDATE shelf SET item = json_set(item, '$.stockMl', -1) WHERE id = 'slate'",
    "UPDATE runs SET run = '[', summary = NULL WHERE id = 'run-00000002'",
  ])
    await db().read.run(change);

  const plans = await ask('GET', '/api/plans');
  expect(plans.body.plans.map((p: { title: string }) => p.title)).toEqual(['Quince and Slate']);
  expect(plans.body.apart).toEqual([
    { id: bad.id, name: 'Slipped', why: expect.stringContaining('/totalG') },
    { id: expect.any(String), name: expect.any(String), why: 'what is stored is no document' },
  ]);
  expect(await ask('GET', `/api/plans/${bad.id}`)).toMatchObject({
    status: 422,
    body: { error: { code: 'unreadable', message: expect.stringContaining('/surface/pieces') } },
  });
  const shelf = await ask('GET', '/api/shelf');
  expect(shelf.body.items).toEqual([OAT]);
  expect(shelf.body.apart).toMatchObject([{ id: 'slate', name: 'Slate' }]);
  const journal = await ask('GET', '/api/runs');
  expect(journal.body.runs.map((r: { id: string }) => r.id)).toEqual(['run-00000001']);
  expect(journal.body.apart).toMatchObject([{ id: 'run-00000002' }]);
  // A pour goes on beside them, and a bad one can be written anew.
  expect((await put('/api/runs/run-00000002', { ...run, id: 'run-00000002' })).status).toBe(200);
  expect((await ask('GET', '/api/runs')).body.apart).toEqual([]);
});

test('an address that cannot be read, or is too long, is refused in the one shape', async () => {
  for (const path of [`/api/plans/${'x'.repeat(300)}`, '/api/plans/%', '/api/plans/%E0%A4%A'])
    expect((await ask('GET', path)).body.error).toMatchObject({ code: 'address', faults: [] });
});
