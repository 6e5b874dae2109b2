import { MessageChannel } from 'node:worker_threads';
import { expose } from 'comlink';
import { aside } from './aside';

const open: { close: () => void }[] = [];

/** A worker that does as told when it is asked. */
function worker(does: (ask: never) => unknown) {
  const { port1, port2 } = new MessageChannel();
  open.push(port1, port2);
  expose(does, port2 as never);
  return Object.assign(port1, { terminate: jest.fn(), onerror: undefined }) as unknown as Worker & {
    terminate: jest.Mock;
  };
}

beforeEach(() => jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask'] }));
afterEach(() => {
  jest.useRealTimers();
  for (const port of open.splice(0)) port.close();
});

test('an answer is an answer, and the worker ends with it', async () => {
  const w = worker(({ n }: { n: number }) => n + 3);
  await expect(aside(w, { n: 4 })).resolves.toBe(7);
  expect(w.terminate).toHaveBeenCalledTimes(1);
  expect(jest.getTimerCount()).toBe(0);
});

test('a failure is told in its own words', async () => {
  const w = worker(() => {
    throw new Error('no drawing');
  });
  await expect(aside(w, 'ask')).rejects.toThrow('no drawing');
  expect(w.terminate).toHaveBeenCalledTimes(1);
});

test('one that cannot begin is told too', async () => {
  const w = worker(() => new Promise(() => undefined));
  const asked = aside(w, 'ask');
  w.onerror?.({ message: 'out of memory' } as ErrorEvent);
  await expect(asked).rejects.toThrow('out of memory');
  expect(w.terminate).toHaveBeenCalledTimes(1);
});

test('one that comes to no end is stopped, and that is said', async () => {
  const w = worker(() => new Promise(() => undefined));
  const asked = expect(aside(w, 'ask')).rejects.toThrow('stopped after 30 s');
  await jest.advanceTimersByTimeAsync(30_000);
  await asked;
  expect(w.terminate).toHaveBeenCalledTimes(1);
});

test('one nobody waits for any more ends at once', async () => {
  const w = worker(() => new Promise(() => undefined));
  const leave = new AbortController();
  const asked = aside(w, 'ask', { signal: leave.signal });
  leave.abort();
  await expect(asked).rejects.toThrow('nobody waits');
  expect(w.terminate).toHaveBeenCalledTimes(1);
  const late = worker(() => new Promise(() => undefined));
  await expect(aside(late, 'ask', { signal: leave.signal })).rejects.toThrow('nobody waits');
  expect(late.terminate).toHaveBeenCalledTimes(1);
});
