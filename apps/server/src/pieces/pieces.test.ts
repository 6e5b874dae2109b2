import { advance, beginRun, type Run } from '@potter/core/journal';
import type { Piece } from '@potter/core/piece';
import { sql } from 'drizzle-orm';
import { jpegOf } from '../../test/picture';
import { inStudio, plan } from '../../test/studio';

const { app, ask, put, later, db } = inStudio();
const NOW = Date.UTC(2026, 10, 24, 10);

const list = async (query = '') => (await ask('GET', `/api/pieces${query}`)).body;
const titles = async (query = '') => (await list(query)).pieces.map((p: Piece) => p.title);

/** A pour that is over. */
async function poured(id: string, title: string, at = NOW, stage?: number): Promise<Run> {
  const begun = beginRun(id, 'plan-0000001', plan(title), at);
  const over = begun.moves.reduce((run, _, i) => advance(run, at + 1000 * i), begun);
  const run = stage === undefined ? over : { ...over, stage };
  expect((await put(`/api/runs/${id}`, run)).status).toBe(200);
  return run;
}
const said = async (id: string, more: Partial<Piece>) => {
  const before = (await ask('GET', `/api/pieces/${id}`)).body as Piece;
  const answer = await put(`/api/pieces/${id}`, { ...before, ...more });
  expect(answer.status).toBe(200);
};

test('every pour that is over ends as a piece, a later stage as none of its own', async () => {
  await put(
    '/api/runs/run-00000000',
    beginRun('run-00000000', 'plan-0000001', plan('Wet yet'), NOW),
  );
  await poured('run-00000001', 'Quince');
  await poured('run-00000002', 'Quince, coat', NOW + 1e6, 1);
  const { pieces, count } = await list();
  expect(count).toBe(1);
  expect(pieces).toMatchObject([
    { id: 'run-00000001', title: 'Quince', status: 'drying', technique: 'Flip cup' },
  ]);
  expect(pieces[0].cores.length).toBeGreaterThan(0);
});

test('pieces are found by their words, by what became of them, and put in order page by page', async () => {
  for (const [i, title] of ['Quince', 'Damson', 'Kale'].entries())
    await poured(`run-0000000${i}`, title, NOW + i);
  await said('run-00000000', { status: 'sold', price: 90, cost: 20, tags: ['orchard'] });
  await said('run-00000001', { verdict: { cells: 'good' }, note: 'I used too much brown' });
  await said('run-00000002', { verdict: { cells: 'poor' }, price: 40, faults: ['mud'] });
  expect(await titles()).toEqual(['Kale', 'Damson', 'Quince']);
  expect(await titles('?sort=best')).toEqual(['Damson', 'Kale', 'Quince']);
  expect(await titles('?sort=dearest')).toEqual(['Quince', 'Kale', 'Damson']);
  expect(await titles('?sort=name')).toEqual(['Damson', 'Kale', 'Quince']);
  expect(await titles('?status=sold')).toEqual(['Quince']);
  expect(await titles('?search=BROWN%20damson')).toEqual(['Damson']);
  expect(await titles('?search=orchard')).toEqual(['Quince']);
  expect(await titles('?search=mud')).toEqual(['Kale']);
  expect(await titles('?search=mud%20quince')).toEqual([]);
  const run = (await ask('GET', '/api/runs/run-00000000')).body;
  await put('/api/runs/run-00000000', { ...run, note: 'Stop tilting earlier' });
  expect((await list('?search=tilting')).pieces).toMatchObject([{ note: 'Stop tilting earlier' }]);
  const first = await list('?sort=dearest&most=2');
  expect(first.count).toBe(3);
  expect(await titles(`?sort=dearest&most=2&after=${encodeURIComponent(first.next)}`)).toEqual([
    'Damson',
  ]);
  expect((await ask('GET', '/api/pieces/season')).body).toMatchObject({
    taken: 90,
    cost: 20,
    margin: 70,
    statuses: { sold: 1, drying: 2 },
  });
});

test('the pieces of one pour are listed by themselves', async () => {
  await poured('run-00000001', 'Tiles');
  await poured('run-00000002', 'Moon');
  const first = (await ask('GET', '/api/pieces/run-00000001')).body;
  const third = { ...first, id: 'run-00000001-3', title: 'Tiles, third', nth: 3, of: 6 };
  expect((await put('/api/pieces/run-00000001-3', third)).status).toBe(200);
  expect((await titles('?run=run-00000001')).sort()).toEqual(['Tiles', 'Tiles, third']);
  expect((await list('?run=run-00000001')).count).toBe(2);
});

test('two devices that judge different things both stand; the same thing differently is refused', async () => {
  await poured('run-00000001', 'Quince');
  const piece = (await ask('GET', '/api/pieces/run-00000001')).body;
  const path = `/api/pieces/${piece.id}`;
  await put(path, { ...piece, note: 'one' }, { '/note': [null] });
  await put(path, { ...piece, status: 'kept' }, { '/status': [null] });
  expect((await ask('GET', path)).body).toMatchObject({ note: 'one', status: 'kept' });
  const clash = await put(path, { ...piece, status: 'sold' }, { '/status': ['drying'] });
  expect(clash.status).toBe(409);
  const wrong = await put(path, { ...piece, status: 'eaten' });
  expect(wrong.status).toBe(400);
  expect((await put('/api/pieces/another-0001', piece)).body.error.faults[0].path).toBe('/now/id');
});

test('a piece goes with its pour and comes back with it, with all that was said of it; once the bin lets go it is gone', async () => {
  const run = await poured('run-00000001', 'Quince');
  await said(run.id, { note: 'kept' });
  await ask('DELETE', `/api/runs/${run.id}`);
  expect(await titles()).toEqual([]);
  await ask('POST', `/api/bin/run/${run.id}/back`);
  expect((await ask('GET', `/api/pieces/${run.id}`)).body.note).toBe('kept');
  // By its own address it takes its pour with it.
  await ask('DELETE', `/api/pieces/${run.id}`);
  expect((await ask('GET', `/api/runs/${run.id}`)).status).toBe(404);
  later(31);
  const { emptyBin } = await import('../bin/bin');
  await emptyBin(db(), new Date(NOW + 31 * 86_400_000));
  expect(await db().read.all(sql`SELECT id FROM pieces`)).toEqual([]);
});

test('one without a pour is a piece too; deleted it is in the bin and its photograph stays its own', async () => {
  const picture = 'picture-0001';
  await app().inject({
    method: 'PUT',
    url: `/api/pictures/${picture}`,
    payload: await jpegOf(120),
    headers: { host: '127.0.0.1', 'content-type': 'image/jpeg' },
  });
  const piece = {
    id: 'from-before-01',
    title: 'The first pour I kept',
    madeAt: NOW,
    photographs: [{ picture, at: NOW, state: 'dry' }],
  };
  expect((await put(`/api/pieces/${piece.id}`, piece)).status).toBe(200);
  expect((await list()).pieces).toMatchObject([{ title: piece.title, picture }]);
  await ask('DELETE', `/api/pieces/${piece.id}`);
  later(8);
  expect((await ask('GET', '/api/pictures')).body).toMatchObject({
    count: 1,
    unused: { count: 0 },
  });
  await ask('POST', `/api/bin/piece/${piece.id}/back`);
  expect((await ask('GET', `/api/pieces/${piece.id}`)).body).toEqual(piece);
});

test('what was learnt is told with the piece it was learnt from', async () => {
  await poured('run-00000001', 'Quince');
  expect((await ask('GET', '/api/pieces/lessons')).body.lessons).toEqual([]);
  const lesson = { id: 'lesson-1', says: 'Half the brown', paints: ['slate'] };
  await said('run-00000001', { lessons: [lesson] });
  expect((await ask('GET', '/api/pieces/lessons')).body.lessons).toEqual([
    { ...lesson, piece: 'run-00000001', from: 'Quince' },
  ]);
});

test('a file of all pieces comes in again as it went out, and a faulty one not at all', async () => {
  await poured('run-00000001', 'Quince');
  await poured('run-00000002', 'Kale', NOW + 1);
  await said('run-00000001', {
    note: 'blue – “quoted”, 5 % \n two lines',
    tags: ['a', 'b'],
    price: 12.5,
  });
  const file = (await ask('GET', '/api/pieces/file')).body;
  expect(file.pieces).toHaveLength(2);
  await said('run-00000001', { note: 'overwritten' });
  expect((await ask('POST', '/api/pieces/file', file)).status).toBe(200);
  expect((await ask('GET', '/api/pieces/file')).body).toEqual(file);
  const faulty = {
    pieces: [
      { ...file.pieces[0], note: 'new' },
      { ...file.pieces[1], madeAt: 'soon' },
    ],
  };
  const refused = await ask('POST', '/api/pieces/file', faulty);
  expect(refused.status).toBe(400);
  expect(refused.body.error.faults[0].path).toBe('/pieces/1/madeAt');
  expect((await ask('GET', '/api/pieces/file')).body).toEqual(file);
});
