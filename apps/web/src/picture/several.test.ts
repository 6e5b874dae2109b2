import { act, renderHook } from '@testing-library/react-native';
import type { Preview } from '@potter/core/plan';
import type { Answer, Ask } from '@/workers/messages';

/** Workers the page has begun, and what each was asked. */
let workers: FakeWorker[];
class FakeWorker {
  asked: Extract<Ask, { kind: 'show' }>[] = [];
  ended = false;
  onmessage?: (event: { data: Answer }) => void;
  onerror?: (event: { preventDefault: () => void }) => void;
  constructor() {
    workers.push(this);
  }
  postMessage(ask: Extract<Ask, { kind: 'show' }>) {
    this.asked.push(ask);
  }
  terminate() {
    this.ended = true;
  }
  /** Answers what it was asked last. */
  async finishes(width: number) {
    const { job } = this.asked.at(-1)!;
    const rgba = new ArrayBuffer(4);
    const told: Answer[] = [
      { kind: 'picture', job, width, height: 1, rgba, finished: true },
      { kind: 'outcome', job, outcome: { of: width } as never },
    ];
    await act(async () => {
      told.forEach((data) => this.onmessage?.({ data }));
      await jest.advanceTimersByTimeAsync(1);
    });
  }
}

type Module = typeof import('./several');
let several: Module;
beforeEach(() => {
  jest.useFakeTimers();
  workers = [];
  Object.assign(global, {
    Worker: FakeWorker,
    URL: class {},
    navigator: { hardwareConcurrency: 1 },
  });
  jest.isolateModules(() => {
    jest.doMock('./had', () => ({
      hadAs: ({ scene }: { scene: unknown }, view: string) => `${String(scene)} ${view}`,
      hadBefore: { find: async () => undefined, keep: async () => undefined },
    }));
    jest.doMock('react', () => React);
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    several = require('./several') as Module;
  });
});
afterEach(() => jest.useRealTimers());

// One React for the hook and for whoever renders it.
const React = jest.requireActual<typeof import('react')>('react');

const wanted = (...scenes: readonly string[]) =>
  scenes.map((scene) => ({
    key: scene,
    preview: () => ({ scene, palette: [], dots: [] }) as unknown as Preview,
  }));
const seen = async (of: ReturnType<typeof wanted>) => {
  const hook = renderHook(() => several.useSeveral(of, several.SMALL));
  await act(async () => void (await jest.advanceTimersByTimeAsync(1)));
  return hook;
};

test('pours come one after the other; whoever comes back finds them without anybody pouring', async () => {
  const of = wanted('a', 'b');
  const first = await seen(of);
  expect(workers).toHaveLength(1);
  expect(first.result.current.left).toBe(2);
  await workers[0]!.finishes(11);
  expect([...first.result.current.had.keys()]).toEqual(['a']);
  await workers[0]!.finishes(12);
  expect(first.result.current.left).toBe(0);
  expect(workers[0]!.ended).toBe(true);
  const again = await seen(of);
  expect([...again.result.current.had].map(([key, { picture }]) => [key, picture.width])).toEqual([
    ['a', 11],
    ['b', 12],
  ]);
  expect(workers).toHaveLength(1);
});

test('a worker that breaks costs its own pour alone', async () => {
  const { result } = await seen(wanted('a', 'b'));
  await act(async () => {
    workers[0]!.onerror?.({ preventDefault: () => undefined });
    await jest.advanceTimersByTimeAsync(1);
  });
  expect(workers.map(({ ended }) => ended)).toEqual([true, false]);
  await workers[1]!.finishes(9);
  expect([...result.current.had.keys()]).toEqual(['b']);
  expect(result.current.left).toBe(0);
});

test('stopped, nobody pours; going on begins with what is not there', async () => {
  const of = wanted('a', 'b');
  const { result } = await seen(of);
  await workers[0]!.finishes(7);
  await act(async () => result.current.stop());
  expect(workers[0]!.ended).toBe(true);
  await act(async () => {
    result.current.goOn();
    await jest.advanceTimersByTimeAsync(1);
  });
  await act(async () => void (await jest.advanceTimersByTimeAsync(1)));
  expect(workers[1]!.asked.map(({ scene }) => scene)).toEqual(['b']);
});
