import { aside } from './aside';

/** A worker that does as told when it is asked. */
function worker(does: (worker: Worker) => void) {
  const made = {
    terminate: jest.fn(),
    postMessage: () => does(made as never),
    onmessage: undefined,
    onerror: undefined,
  };
  return made as unknown as Worker & { terminate: jest.Mock };
}
const says = (data: unknown) => (w: Worker) => w.onmessage?.({ data } as MessageEvent);

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('an answer is an answer, and the worker ends with it', async () => {
  const w = worker(says({ value: 7 }));
  await expect(aside(w, 'ask')).resolves.toBe(7);
  expect(w.terminate).toHaveBeenCalledTimes(1);
  expect(jest.getTimerCount()).toBe(0);
});

test('a failure is told in its own words', async () => {
  const w = worker(says({ failed: 'no drawing' }));
  await expect(aside(w, 'ask')).rejects.toThrow('no drawing');
  const broken = worker((b) => b.onerror?.({ message: 'out of memory' } as ErrorEvent));
  await expect(aside(broken, 'ask')).rejects.toThrow('out of memory');
  expect(broken.terminate).toHaveBeenCalled();
});

test('one that comes to no end is stopped, and that is said', async () => {
  const w = worker(() => undefined);
  const asked = expect(aside(w, 'ask')).rejects.toThrow('stopped after 30 s');
  await jest.advanceTimersByTimeAsync(30_000);
  await asked;
  expect(w.terminate).toHaveBeenCalledTimes(1);
});
