import { MessageChannel } from 'node:worker_threads';
import { factorsWith } from '@potter/core/factor';
import {
  type Engine,
  finish,
  type Outcome,
  plainEngine,
  type PourAsk,
  pourJob,
  type PourScene,
  workbench,
} from '@potter/core/flow';
import { type FarHelper, helperAt } from './helped';
import { helpAt } from './helping';

// The worker's own channel would keep this process from ending.
jest.mock('./listen', () => ({
  SLICE_MS: 12,
  listen: () => new Promise((resolve) => setImmediate(resolve)),
}));

const SIDE = 70;
const scene: PourScene = {
  widthMm: SIDE,
  heightMm: SIDE,
  rings: [[0, 0, SIDE, 0, SIDE, SIDE, 0, SIDE]],
  reachesMm: [[SIDE, SIDE]],
  nu: 4e-4,
  seed: 3,
  acts: [
    { kind: 'overlay', mix: 'base', filmMm: 0.6 },
    { kind: 'overlay', mix: 'a', filmMm: 0.4 },
    { kind: 'tilt', angleDeg: 8, towardDeg: 40, s: 3 },
  ],
};
const ink = (n: number) => ({ q: new Array<number>(36).fill(0.05 + n), s: 0.05 });
const plain = { oil: 0, oilPaS: 0, matt: 0, flakes: 0, activator: false };
const ask: PourAsk = {
  scene,
  soon: { cells: 16, pixels: 24 },
  opens: {
    makeups: {
      base: { ...plain, densityKgM3: 1000 },
      a: { ...plain, densityKgM3: 1180 },
    },
    factors: factorsWith({}),
  },
  palette: { inks: { base: ink(0), a: ink(1) }, ground: new Array<number>(36).fill(0.9) },
  pixels: [84],
  cells: 32,
};

/** A helper and the one it helps, each at one end of a channel; `engine` is what the one that helps works with. */
function pair(engine: Engine = plainEngine) {
  const { port1, port2 } = new MessageChannel();
  const helper = helperAt(port1 as never);
  helpAt(port2 as never, Promise.resolve(engine));
  const asked = jest.spyOn(port1, 'postMessage');
  const poured = new Promise<void>((resolve) =>
    port1.on('message', ({ kind }: { kind: string }) => {
      if (kind === 'ready' || kind === 'failed') resolve();
    }),
  );
  return {
    helper,
    poured,
    asked: () => asked.mock.calls.map(([message]) => (message as { kind: string }).kind),
    close: () => port1.close(),
  };
}

const turn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

/** Runs a job beside a helper as the page's worker does, waiting for it before it looks; `at` is called at each step. */
async function helped(
  { helper, poured }: { readonly helper: FarHelper; readonly poured: Promise<void> },
  at: () => void = () => undefined,
) {
  let rgba: Uint8ClampedArray | undefined;
  let look: Uint8ClampedArray | undefined;
  let outcome: Outcome | undefined;
  let steps = 0;
  for (const told of pourJob(workbench(plainEngine, 4096, helper), ask)) {
    at();
    if (typeof told !== 'number' && told.kind === 'doing' && told.doing === 'looking') await poured;
    if (typeof told !== 'number' && told.kind === 'picture') {
      if (told.finished) rgba = told.rgba;
      else look = told.rgba;
    }
    if (typeof told !== 'number' && told.kind === 'outcome') outcome = told.outcome;
    if (helper.waits()) await helper.word();
    else if (steps++ % 20 === 0) await turn();
  }
  return { look, rgba, outcome };
}
let alone: {
  readonly look: Uint8ClampedArray;
  readonly rgba: Uint8ClampedArray;
  readonly outcome: Outcome;
};
beforeAll(() => {
  const { rgba, outcome } = finish(workbench(plainEngine, 4096), ask);
  const [look] = [...pourJob(workbench(plainEngine, 4096), ask)].flatMap((told) =>
    typeof told !== 'number' && told.kind === 'picture' ? [told.rgba] : [],
  );
  alone = { look: look!, rgba, outcome };
});

test('a picture made by two is that made by one', async () => {
  const two = pair();
  expect(await helped(two)).toEqual(alone);
  expect(two.asked()[0]).toBe('begin');
  expect(two.asked()).toEqual(expect.arrayContaining(['trace', 'columns', 'open']));
  two.close();
});

test('one whose helper breaks goes on alone', async () => {
  const two = pair();
  const job = helped(two, () => {
    if (two.asked().includes('trace')) two.helper.lose();
  });
  expect(await job).toEqual(alone);
  expect(two.asked()).toEqual(['begin', 'poured', 'trace']);
  two.close();
});

test('one whose helper has no room for it goes on alone', async () => {
  const make = () => {
    throw new RangeError('out of memory');
  };
  const two = pair({ ...plainEngine, make });
  expect(await helped(two)).toEqual(alone);
  expect(two.asked()).not.toContain('trace');
  two.close();
});

test('a pour given up is left off before another begins in the same memory', async () => {
  const two = pair();
  const { helper, asked, close } = two;
  const other = { ...ask, scene: { ...scene, seed: 9 } };
  const given = pourJob(workbench(plainEngine, 4096, helper), other);
  for (let n = 0; n < 3; n++) given.next();
  await turn();
  await helper.quiet();
  // Nothing is under way any more: there is nothing to leave off.
  await helper.quiet();
  expect(asked()).toEqual(['begin', 'stop']);
  expect(await helped(two)).toEqual(alone);
  expect(asked()[2]).toBe('begin');
  close();
});
