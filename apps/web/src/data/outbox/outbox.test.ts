import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { fakeTimers, wait } from '../../../test/device-time';
import type { Posted } from './letter';

type Outbox = typeof import('./outbox');

/** A page: the modules anew, on the storage the device has. */
function openPage(): Outbox {
  let outbox!: Outbox;
  jest.isolateModules(() => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    outbox = require('./outbox') as Outbox;
  });
  return outbox;
}

const answer = (status: number, body: unknown) =>
  ({ ok: status < 300, status, json: () => Promise.resolve(body) }) as Response;

/** A studio that answers each path as told, and holds what it said yes to. */
function studio() {
  const held = {
    has: new Map<string, unknown>(),
    puts: 0,
    /** What the next requests meet, by path: a status, a network that is gone, or no answer at all. */
    meets: new Map<string, (number | 'away' | 'silent' | 'answer lost')[]>(),
    away: false,
  };
  global.fetch = jest.fn(async (path: RequestInfo | URL, init?: RequestInit) => {
    const meets = held.meets.get(String(path))?.shift();
    if (held.away || meets === 'away') throw new TypeError('failed to fetch');
    if (meets === 'silent')
      return new Promise<Response>((_resolve, reject) =>
        init?.signal?.addEventListener('abort', () => reject(new Error('aborted'))),
      );
    if (typeof meets === 'number')
      return answer(meets, {
        error: {
          code: 'x',
          message: 'It will not do.',
          faults: [{ path: '/at', message: 'is odd' }],
        },
      });
    held.puts++;
    if (init?.method === 'DELETE') {
      if (!held.has.delete(String(path)))
        return answer(404, { error: { code: 'no-run', message: 'gone', faults: [] } });
    } else
      held.has.set(
        String(path),
        init?.body instanceof Blob ? init.body : JSON.parse(String(init?.body)),
      );
    if (meets === 'answer lost') throw new TypeError('failed to fetch');
    return answer(200, { done: true });
  });
  return held;
}

const letter = (name: string, body: unknown): Posted => ({
  about: name,
  method: 'PUT',
  path: `/api/${name}`,
  body,
  names: name,
});

beforeEach(() => {
  global.indexedDB = new IDBFactory();
  fakeTimers();
});
afterEach(() => jest.useRealTimers());

test('what is posted reaches the studio once and is kept no more', async () => {
  const held = studio();
  const page = openPage();
  const kept = page.post(letter('a', { n: 1 }));
  await wait(500);
  expect(await kept).toBe(true);
  expect(held.has.get('/api/a')).toEqual({ n: 1 });
  expect(page.unsentNow()).toEqual([]);
  await wait(5000);
  expect(held.puts).toBe(1);
});

test.each([500, 503, 408, 425, 429] as const)(
  'a %s is asked again until it goes well',
  async (status) => {
    const held = studio();
    held.meets.set('/api/a', [status, status]);
    const page = openPage();
    void page.post(letter('a', { n: 1 }));
    await wait(1000);
    expect(page.unsentNow()).toHaveLength(1);
    await wait(12_000);
    expect(held.has.get('/api/a')).toEqual({ n: 1 });
    expect(page.unsentNow()).toEqual([]);
  },
);

test('one in trouble does not hold up the others', async () => {
  const held = studio();
  held.meets.set('/api/a', [500, 500, 500]);
  const page = openPage();
  void page.post(letter('a', 1));
  void page.post(letter('b', 2));
  await wait(1000);
  expect([...held.has.keys()]).toEqual(['/api/b']);
});

test('a request that is never answered is sent again once patience is over', async () => {
  const held = studio();
  held.meets.set('/api/a', ['silent']);
  const page = openPage();
  void page.post(letter('a', 1));
  await wait(36_000);
  expect(held.has.get('/api/a')).toBe(1);
});

test('a lost answer makes the same save again, and no other', async () => {
  const held = studio();
  held.meets.set('/api/a', ['answer lost']);
  const page = openPage();
  void page.post(letter('a', { n: 1 }));
  await wait(8000);
  expect([...held.has]).toEqual([['/api/a', { n: 1 }]]);
  expect(page.unsentNow()).toEqual([]);
});

test('a page closed while the studio is away leaves it to the next, pictures too', async () => {
  const held = studio();
  held.away = true;
  const page = openPage();
  void page.post(letter('a', { n: 1 }));
  void page.post(letter('a', { n: 2 }));
  await wait(1000);
  jest.clearAllTimers();
  held.away = false;
  const next = openPage();
  void next.beginOutbox();
  await wait(1000);
  expect([...held.has]).toEqual([['/api/a', { n: 2 }]]);
});

test('what is refused for good is kept in sight, across pages, until the artist deals with it', async () => {
  const held = studio();
  held.meets.set('/api/a', [400]);
  void openPage().post(letter('a', { n: 1 }));
  await wait(5000);
  jest.clearAllTimers();
  const page = openPage();
  void page.beginOutbox();
  await wait(5000);
  expect(held.puts).toBe(0);
  const [refused] = page.unsentNow();
  expect(refused).toMatchObject({
    about: 'a',
    body: { n: 1 },
    refused: 'It will not do. /at is odd.',
  });
  page.tryAgain(refused!);
  await wait(1000);
  expect(held.has.get('/api/a')).toEqual({ n: 1 });
  expect(page.unsentNow()).toEqual([]);
});

test('given up, it is sent no more', async () => {
  const held = studio();
  held.meets.set('/api/a', [400]);
  const page = openPage();
  void page.post(letter('a', 1));
  await wait(1000);
  await Promise.all([page.giveUp(page.unsentNow()[0]!), wait(1000)]);
  const next = openPage();
  void next.beginOutbox();
  await wait(1000);
  expect([page.unsentNow(), next.unsentNow(), held.puts]).toEqual([[], [], 0]);
});

test('storage that never answers holds nothing up', async () => {
  const held = studio();
  global.indexedDB = { open: () => new EventTarget() } as never;
  const page = openPage();
  const kept = page.post(letter('a', 1));
  await wait(10_000);
  expect(await kept).toBe(false);
  expect(held.has.get('/api/a')).toBe(1);
  expect(page.unsentNow()).toEqual([]);
});

test('where the device keeps nothing it still reaches the studio, and is not called kept', async () => {
  const held = studio();
  held.away = true;
  global.indexedDB = {
    open: () => {
      throw new Error('forbidden');
    },
  } as never;
  const page = openPage();
  const kept = page.post(letter('a', 1));
  await wait(500);
  expect(await kept).toBe(false);
  expect(page.unsentNow()).toMatchObject([{ about: 'a', kept: false }]);
  held.away = false;
  await wait(10_000);
  expect(held.has.get('/api/a')).toBe(1);
});

test('of two pages with one thing the later has the last word, whichever sends', async () => {
  const held = studio();
  held.away = true;
  const [one, two] = [openPage(), openPage()];
  void one.post(letter('a', 'first'));
  await wait(500);
  void two.post(letter('a', 'second'));
  await wait(500);
  held.away = false;
  await wait(10_000);
  expect(held.has.get('/api/a')).toBe('second');
  expect([one.unsentNow(), two.unsentNow()]).toEqual([[], []]);
});

test('what was taken away already needs no taking away', async () => {
  studio();
  const page = openPage();
  void page.post({ about: 'run.x', method: 'DELETE', path: '/api/runs/x', names: 'x' });
  await wait(1000);
  expect(page.unsentNow()).toEqual([]);
});
