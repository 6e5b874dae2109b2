import { advance, beginRun, type Run } from '@potter/core/journal';
import { newPlan } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';

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

const store = new Map<string, string>();
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
  store.clear();
  Object.assign(studio, { runs: new Map(), away: false, puts: 0 });
  Object.defineProperty(global, 'localStorage', {
    configurable: true,
    value: {
      getItem: (k: string) => store.get(k) ?? null,
      setItem: (k: string, v: string) => void store.set(k, v),
      removeItem: (k: string) => void store.delete(k),
    },
  });
  global.fetch = jest.fn(async (path: RequestInfo | URL, init?: RequestInit) => {
    if (studio.away) throw new TypeError('failed to fetch');
    if (init?.method === 'PUT') {
      studio.puts++;
      studio.runs.set(String(path).split('/').pop() ?? '', JSON.parse(String(init.body)) as Run);
    }
    return {
      ok: true,
      status: 200,
      json: () =>
        Promise.resolve({
          runs: [...studio.runs.values()].map((r) => ({ ...r, dries: [], run: r })),
        }),
    } as Response;
  });
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

const unsent = () => JSON.parse(store.get('potter.runs.unsent') ?? '[]') as Run[];

test('a run is kept on this device until the studio has it', async () => {
  const page = openPage();
  studio.away = true;
  page.putRun(run);
  page.putRun(advance(run, 1_060_000));
  await jest.advanceTimersByTimeAsync(100);
  expect(unsent().map((r) => r.at)).toEqual([1]);
  studio.away = false;
  await jest.advanceTimersByTimeAsync(7000);
  expect(studio.runs.get(run.id)?.at).toBe(1);
  expect(unsent()).toEqual([]);
});

test('a page closed while the studio is away sends what it left from the next page', async () => {
  studio.away = true;
  openPage().putRun(advance(run, 1_060_000));
  await jest.advanceTimersByTimeAsync(100);
  studio.away = false;
  openPage().putRun({ ...run, id: 'run-00000002' });
  await jest.advanceTimersByTimeAsync(7000);
  expect([...studio.runs.keys()].sort()).toEqual(['run-00000001', 'run-00000002']);
});

test('a run struck out is sent no more', async () => {
  const page = openPage();
  studio.away = true;
  page.putRun(run);
  await jest.advanceTimersByTimeAsync(100);
  await page.deleteRun(run);
  studio.away = false;
  await jest.advanceTimersByTimeAsync(7000);
  expect(studio.puts).toBe(0);
});
