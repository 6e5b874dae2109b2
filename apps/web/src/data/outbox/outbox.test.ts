import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { deviceOf } from '../../../test/device-room';
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
  deviceOf(0);
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

test('a page closed in the moment of the change, its database not yet written, leaves it to the next', async () => {
  const store = deviceOf();
  const held = studio();
  const there = global.indexedDB;
  global.indexedDB = { open: () => new EventTarget() } as never;
  void openPage().post(letter('a', { n: 1 }));
  jest.clearAllTimers();
  global.indexedDB = there;
  void openPage().beginOutbox();
  await wait(1000);
  expect([...held.has]).toEqual([['/api/a', { n: 1 }]]);
  expect([...store.keys()]).toEqual(['potter.letters.last']);
});

test('a change newer than the one another page holds in hand has the last word', async () => {
  deviceOf();
  const held = studio();
  global.indexedDB = { open: () => new EventTarget() } as never;
  void openPage().post(letter('a', 'first'));
  jest.setSystemTime(Date.now() + 50);
  void openPage().post(letter('a', 'second'));
  jest.clearAllTimers();
  void openPage().beginOutbox();
  await wait(10_000);
  expect([...held.has]).toEqual([['/api/a', 'second']]);
});

test('a change made while an earlier one waits takes its place, and says what both began from', async () => {
  const held = studio();
  held.away = true;
  const page = openPage();
  const changed = (n: number, was: number): Posted => ({
    ...letter('a', { n }),
    change: true,
    was: { '/n': [was] },
  });
  void page.post(changed(1, 0));
  await wait(500);
  void page.post(changed(2, 1));
  await wait(500);
  expect(page.unsentNow()).toHaveLength(1);
  held.away = false;
  await wait(10_000);
  expect([...held.has]).toEqual([['/api/a', { now: { n: 2 }, was: { '/n': [0, 1] } }]]);
  expect(held.puts).toBe(1);
});

test('two pages that change different things of one document both arrive, in their order', async () => {
  const held = studio();
  held.away = true;
  const [one, two] = [openPage(), openPage()];
  const changed = (now: object, was: Posted['was']): Posted => ({
    ...letter('a', now),
    change: true,
    was,
  });
  void one.post(changed({ n: 1, m: 0 }, { '/n': [0] }));
  await wait(500);
  void two.post(changed({ n: 0, m: 1 }, { '/m': [0] }));
  await wait(500);
  held.away = false;
  const sent: unknown[] = [];
  const answers = global.fetch;
  global.fetch = jest.fn((path, init) => {
    sent.push(JSON.parse(String(init?.body)));
    return answers(path, init);
  });
  await wait(10_000);
  expect(sent).toEqual([
    { now: { n: 1, m: 0 }, was: { '/n': [0] } },
    { now: { n: 0, m: 1 }, was: { '/m': [0] } },
  ]);
});

test('a letter that waits holds back later ones about the same thing, from whatever page, whatever the clock says', async () => {
  deviceOf();
  const held = studio();
  held.away = true;
  void openPage().post(letter('a', 'first'));
  await wait(500);
  // It also sets the clock back to where the test began.
  jest.clearAllTimers();
  held.away = false;
  held.meets.set('/api/a', [503]);
  const next = openPage();
  void next.post(letter('a', 'second'));
  await wait(2000);
  expect(held.has.size).toBe(0);
  await wait(10_000);
  expect(held.has.get('/api/a')).toBe('second');
});

test('one refused because another device changed it too takes its place when it is sent again', async () => {
  const held = studio();
  held.meets.set('/api/a', [409]);
  const page = openPage();
  void page.post({ ...letter('a', { n: 1 }), change: true, was: { '/n': [0] } });
  await wait(1000);
  page.tryAgain(page.unsentNow()[0]!);
  await wait(1000);
  expect(held.has.get('/api/a')).toEqual({ now: { n: 1 } });
});

test('what the studio answers is told to whoever shows it', async () => {
  studio();
  const page = openPage();
  const told: unknown[] = [];
  page.onAnswer((of, answer) => told.push([of.about, answer]));
  void page.post(letter('a', 1));
  await wait(1000);
  expect(told).toEqual([['a', { done: true }]]);
});

test('what the studio refuses, and what is put aside, is told: what it has is read anew', async () => {
  studio().meets.set('/api/a', [409]);
  const page = openPage();
  const told: string[] = [];
  page.onRefusal(({ about }) => told.push(about));
  void page.post(letter('a', 1));
  await wait(1000);
  expect(told).toEqual(['a']);
  await page.giveUp(page.unsentNow()[0]!);
  expect(told).toEqual(['a', 'a']);
});

test('letters kept by the first version of this storage are sent, pours as changes', async () => {
  const held = studio();
  const db = await openDB('potter', 1, {
    upgrade: (made) => void made.createObjectStore('letters', { keyPath: 'about' }),
  });
  await db.put('letters', { ...letter('run.x', { at: 1 }), id: 'l1', at: 1 });
  await db.put('letters', { ...letter('reaction.y', { on: 1 }), id: 'l2', at: 2 });
  db.close();
  void openPage().beginOutbox();
  await wait(1000);
  expect([...held.has]).toEqual([
    ['/api/run.x', { now: { at: 1 } }],
    ['/api/reaction.y', { on: 1 }],
  ]);
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
    refused: 'It will not do. At is odd.',
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
