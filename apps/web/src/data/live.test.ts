import { deviceOf } from '../../test/device-room';

/** The browser's stream of events, as a page opens it. */
class Stream {
  static readonly CLOSED = 2;
  static opened: Stream[] = [];
  readyState = 1;
  onmessage?: (event: { data: string }) => void;
  onerror?: () => void;
  constructor(readonly url: string) {
    Stream.opened.push(this);
  }
  close(): void {
    this.readyState = 2;
  }
  say(event: object): void {
    this.onmessage?.({ data: JSON.stringify(event) });
  }
  /** Its connection is gone: for good where the studio answered with a no. */
  lose(closed: boolean): void {
    if (closed) this.readyState = 2;
    this.onerror?.();
  }
}

let page: typeof import('./live');
let pairing: (typeof import('./pairing'))['pairing'];
const look = { visibilityState: 'visible', listener: () => undefined as void };
const asked: (readonly [path: string, body: unknown])[] = [];
let status = 200;

beforeEach(() => {
  deviceOf();
  jest.useFakeTimers();
  Stream.opened = [];
  asked.length = 0;
  status = 200;
  look.visibilityState = 'visible';
  Object.assign(global, {
    EventSource: Stream,
    document: Object.assign(look, {
      addEventListener: (_: string, listener: () => void) => (look.listener = listener),
      removeEventListener: () => undefined,
    }),
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
    fetch: async (path: string, init: RequestInit) => {
      asked.push([path, init.body && JSON.parse(String(init.body))]);
      const error = { code: 'unpaired', message: 'no', faults: [] };
      return { ok: status < 300, status, json: async () => ({ error }) };
    },
  });
  jest.isolateModules(() => {
    /* eslint-disable @typescript-eslint/no-require-imports */
    page = require('./live') as typeof import('./live');
    pairing = (require('./pairing') as typeof import('./pairing')).pairing;
    /* eslint-enable @typescript-eslint/no-require-imports */
  });
});
afterEach(() => {
  jest.useRealTimers();
  for (const name of [
    'EventSource',
    'document',
    'fetch',
    'addEventListener',
    'removeEventListener',
  ])
    Reflect.deleteProperty(global, name);
});

const stream = () => Stream.opened.at(-1)!;
const told: (string | undefined)[] = [];
const begin = () => {
  told.length = 0;
  page.onChanged((about) => told.push(about));
  page.beginLive();
};

test('a page is told what was changed; come back after a while away, that anything may have been', () => {
  begin();
  stream().say({ kind: 'here' });
  stream().say({ kind: 'changed', about: 'plans/p-1' });
  expect(told).toEqual(['plans/p-1']);
  stream().say({ kind: 'here' });
  expect(told).toEqual(['plans/p-1', undefined]);
});

test('nobody listens while the page is not looked at', () => {
  begin();
  look.visibilityState = 'hidden';
  look.listener();
  expect(stream().readyState).toBe(2);
  look.visibilityState = 'visible';
  look.listener();
  expect(Stream.opened).toHaveLength(2);
});

test('a stream that was refused is asked for again, later each time; one that was only lost mends itself', async () => {
  begin();
  stream().lose(false);
  await jest.advanceTimersByTimeAsync(60_000);
  expect(Stream.opened).toHaveLength(1);
  stream().lose(true);
  await jest.advanceTimersByTimeAsync(3000);
  expect(Stream.opened).toHaveLength(2);
  stream().lose(true);
  await jest.advanceTimersByTimeAsync(5999);
  expect(Stream.opened).toHaveLength(2);
  await jest.advanceTimersByTimeAsync(1);
  expect(Stream.opened).toHaveLength(3);
});

test('a device put out knows it, by the stream or by an answer, and knows when it is let in again', async () => {
  begin();
  stream().say({ kind: 'here' });
  stream().say({ kind: 'put-out' });
  expect(pairing.get()).toBe(false);
  await jest.advanceTimersByTimeAsync(3000);
  stream().say({ kind: 'here' });
  expect(pairing.get()).toBe(true);
  status = 401;
  stream().lose(true);
  await jest.advanceTimersByTimeAsync(0);
  expect(pairing.get()).toBe(false);
});

test('what is on the scale is told to the others, the last of many readings, and that the table is left', async () => {
  begin();
  const table = (readsG: number) => ({ what: 'Quince', adds: 'Beetroot', readsG, toGoG: 1 });
  page.tellTable(table(1));
  await jest.advanceTimersByTimeAsync(100);
  expect(asked).toEqual([]);
  stream().say({ kind: 'here' });
  for (const g of [2, 3, 4]) page.tellTable(table(g));
  await jest.advanceTimersByTimeAsync(80);
  expect(asked).toMatchObject([['/api/live/table', { table: table(4) }]]);
  page.tellTable(undefined);
  await jest.advanceTimersByTimeAsync(80);
  expect(asked.at(-1)![1]).not.toHaveProperty('table');
});

test('a table left while the stream was lost is told as left once it is back, and no more after that', async () => {
  begin();
  stream().say({ kind: 'here' });
  page.tellTable({ what: 'Quince', adds: 'Beetroot', readsG: 2, toGoG: 1 });
  await jest.advanceTimersByTimeAsync(80);
  stream().lose(false);
  page.tellTable(undefined);
  await jest.advanceTimersByTimeAsync(80);
  expect(asked).toHaveLength(1);
  for (let back = 0; back < 2; back++) {
    stream().say({ kind: 'here' });
    await jest.advanceTimersByTimeAsync(80);
    expect(asked).toHaveLength(2);
  }
  expect(asked[1]![1]).not.toHaveProperty('table');
});
