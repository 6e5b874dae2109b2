import 'fake-indexeddb/auto';
import { advance, beginRun, type Run } from '@potter/core/journal';
import { newPlan } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';
import { IDBFactory } from 'fake-indexeddb';
import { deviceOf } from '../../test/device-room';
import { fakeTimers, wait } from '../../test/device-time';

const plan = newPlan({
  title: 'T',
  surface: plainSurface({ kind: 'rect', widthMm: 200, heightMm: 200 }),
  paints: [
    {
      id: 'oat',
      name: 'Oat milk',
      hex: '#ece5d6',
      opacity: 'opaque',
      body: 'heavy',
      finish: 'satin',
    },
  ],
  technique: 'flip-cup',
});
const run = beginRun('run-00000001', 'p', plan, 1_000_000);

let store: Map<string, string>;
const studio = { runs: new Map<string, Run>(), away: false, puts: 0 };

/** A page: the module anew, with what the device kept and the studio as it stands. */
function openPage() {
  let runs!: typeof import('./runs');
  jest.isolateModules(() => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    runs = require('./runs') as typeof import('./runs');
  });
  return runs;
}

beforeEach(() => {
  global.indexedDB = new IDBFactory();
  Object.assign(studio, { runs: new Map(), away: false, puts: 0 });
  store = deviceOf();
  global.fetch = jest.fn(async (path: RequestInfo | URL, init?: RequestInit) => {
    if (studio.away) throw new TypeError('failed to fetch');
    if (init?.method === 'DELETE') studio.runs.delete(String(path).split('/').pop() ?? '');
    if (init?.method === 'PUT') {
      studio.puts++;
      studio.runs.set(
        String(path).split('/').pop() ?? '',
        (JSON.parse(String(init.body)) as { now: Run }).now,
      );
    }
    const put = studio.runs.get(String(path).split('/').pop() ?? '');
    const list = { runs: [...studio.runs.values()].map((r) => ({ ...r, dries: [], run: r })) };
    const answer = init?.method === 'PUT' ? put : list;
    return { ok: true, status: 200, json: () => Promise.resolve(answer) } as Response;
  });
  fakeTimers();
});
afterEach(() => jest.useRealTimers());

test('a run is sent as it last stood once the studio is back', async () => {
  const page = openPage();
  studio.away = true;
  page.putRun(run);
  page.putRun(advance(run, 1_060_000));
  await wait(500);
  expect(studio.puts).toBe(0);
  studio.away = false;
  await wait(7000);
  expect(studio.runs.get(run.id)?.at).toBe(1);
  expect(studio.puts).toBe(1);
});

test('a page closed while the studio is away sends what it left from the next page', async () => {
  studio.away = true;
  openPage().putRun(advance(run, 1_060_000));
  await wait(500);
  jest.clearAllTimers();
  studio.away = false;
  openPage().putRun({ ...run, id: 'run-00000002' });
  await wait(7000);
  expect([...studio.runs.keys()].sort()).toEqual(['run-00000001', 'run-00000002']);
});

test('a run kept the way of earlier versions is sent too', async () => {
  store.set('potter.runs.unsent', JSON.stringify([run]));
  openPage().putRun({ ...run, id: 'run-00000002' });
  await wait(2000);
  expect([...studio.runs.keys()].sort()).toEqual(['run-00000001', 'run-00000002']);
  expect(store.has('potter.runs.unsent')).toBe(false);
});

test('a run struck out while the studio is away is taken out of it, and put back is there again', async () => {
  const page = openPage();
  page.putRun(run);
  await wait(1000);
  studio.away = true;
  page.deleteRun(run);
  await wait(1000);
  studio.away = false;
  await wait(7000);
  expect(studio.runs.size).toBe(0);
  page.deleteRun(run);
  page.putRun(run);
  await wait(7000);
  expect([...studio.runs.keys()]).toEqual([run.id]);
});

test('a reload mid-pour begins where the run stood, before any storage has answered', () => {
  const page = openPage();
  page.putRun(advance(run, 1_060_000));
  const seen = JSON.parse(store.get('potter.runs.seen') ?? '[]') as Run[];
  expect(seen.map((r) => r.at)).toEqual([1]);
});
