// Hosts core/flow: pours a scene, develops its picture coarse then fine, colours it, drills cores. Between slices of work
// it listens, so that a new plan takes the place of an old one within some milliseconds.
import {
  birthsKey,
  colourPlate,
  coreAt,
  develop,
  type FilmKernel,
  filmMap,
  layGrid,
  mixesOf,
  type MakeKernel,
  outcomeOf,
  plainKernel,
  type Plate,
  type Pour,
  pourOn,
} from '@potter/core/flow';
import { loadKernel } from '@potter/kernel';
import type { Answer, Ask } from './messages';

type Show = Extract<Ask, { kind: 'show' }>;

/** What a worker knows itself by; the page's types have no worker in them. */
const host = globalThis as unknown as {
  onmessage: (event: { readonly data: Ask }) => void;
  postMessage(message: Answer, transfer?: Transferable[]): void;
};

/** Longest the worker works without listening, ms. */
const SLICE_MS = 12;
/** How often progress is told, ms. */
const TELL_MS = 80;
/** Places traced at a time. */
const SAMPLES = 65536;

// Without WebAssembly or its SIMD the twin does the same, slower.
const makeKernel: Promise<MakeKernel> = loadKernel().catch(() => plainKernel);

/** The pour there is: what was poured, and its finest plate so far. */
let poured: { readonly key: string; readonly pour: Pour; readonly kernel: FilmKernel } | undefined;
let plate: { readonly key: string; readonly pixels: number; readonly plate: Plate } | undefined;
let current: Show | undefined;

host.onmessage = ({ data: ask }) => {
  switch (ask.kind) {
    case 'show':
      current = ask;
      void show(ask).catch((error: unknown) => {
        if (current === ask) host.postMessage({ kind: 'failed', job: ask.job, why: String(error) });
      });
      return;
    case 'stop':
      current = undefined;
      return;
    case 'drill':
      void drill(ask.spot, ask.xMm, ask.yMm);
  }
};

async function show(ask: Show): Promise<void> {
  const key = birthsKey(ask.scene);
  const begun = poured?.key === key ? 'looking' : 'pouring';
  host.postMessage({ kind: 'progress', job: ask.job, doing: begun, share: 0 });
  // Same births, other colours: what is developed is coloured anew, at once.
  const have = plate?.key === key ? plate : undefined;
  const finest = ask.pixels.at(-1) ?? 0;
  if (have && !(await send(ask, have.plate, have.pixels >= finest))) return;
  if (have && have.pixels >= finest) return;

  if (poured?.key !== key) {
    const make = await makeKernel;
    if (current !== ask) return;
    // The old pour's memory becomes the new one's.
    const spare = poured ? motionsOf(poured.pour) : [];
    poured = undefined;
    plate = undefined;
    const site = layGrid(ask.scene);
    const kernel = make(site.grid, SAMPLES);
    const pour = await work(ask, pourOn(kernel, ask.scene, site, spare), (share) =>
      host.postMessage({ kind: 'progress', job: ask.job, doing: 'pouring', share }),
    );
    if (!pour) return;
    poured = { key, pour, kernel };
  }
  for (const pixels of ask.pixels) {
    if (have && have.pixels >= pixels) continue;
    const { pour, kernel } = poured;
    let told = 0;
    const developing = develop(pour, kernel, pixels);
    for (;;) {
      const step = await slice(ask, developing);
      if (!step) return;
      if (step.done) break;
      if (typeof step.value === 'number') {
        if (performance.now() - told > TELL_MS) {
          told = performance.now();
          host.postMessage({ kind: 'progress', job: ask.job, doing: 'looking', share: step.value });
        }
        continue;
      }
      const whole = step.value.last;
      // A coarse picture after a fine one would be a step back.
      if (!whole && plate?.key === key) continue;
      if (whole) plate = { key, pixels, plate: step.value.plate };
      if (!(await send(ask, step.value.plate, whole && pixels === finest))) return;
    }
  }
}

/** Runs a generator to its end, listening between slices; undefined where another `show` came. */
async function work<Y extends number | void, T>(
  ask: Show,
  generator: Generator<Y, T>,
  tell: (share: Y) => void,
): Promise<T | undefined> {
  let told = 0;
  for (;;) {
    const step = await slice(ask, generator);
    if (!step) return undefined;
    if (step.done) return step.value;
    if (performance.now() - told > TELL_MS) {
      told = performance.now();
      tell(step.value);
    }
  }
}

/** The next step of a generator that is more than a number, or the last of this slice's. */
async function slice<Y, T>(
  ask: Show,
  generator: Generator<Y, T>,
): Promise<IteratorResult<Y, T> | undefined> {
  const until = performance.now() + SLICE_MS;
  let step = generator.next();
  while (!step.done && typeof step.value !== 'object' && performance.now() < until)
    step = generator.next();
  await listen();
  return current === ask ? step : undefined;
}

const channel = new MessageChannel();
const waiting: (() => void)[] = [];
channel.port1.onmessage = () => waiting.shift()?.();

/** Lets what has been asked meanwhile be heard; a timer would wait milliseconds each time. */
const listen = (): Promise<void> =>
  new Promise((resolve) => {
    waiting.push(resolve);
    channel.port2.postMessage(0);
  });

const motionsOf = ({ steps }: Pour): Int16Array[] =>
  steps.flatMap((step) => (step.kind === 'frame' ? [step.motion.data] : []));

/** Colours a plate and shows it; false where another `show` came meanwhile. */
async function send(ask: Show, shown: Plate, finished: boolean): Promise<boolean> {
  const mix = mixesOf(ask.scene);
  const rgba =
    ask.view === 'film'
      ? filmMap(shown)
      : await work(ask, colourPlate(shown, mix, ask.palette), () => undefined);
  if (!rgba || !poured) return false;
  const { width, height } = shown;
  host.postMessage({ kind: 'picture', job: ask.job, width, height, rgba: rgba.buffer, finished }, [
    rgba.buffer,
  ]);
  // The pour may be an older one with the same births, whose corners are the same too.
  const outcome = outcomeOf(poured.pour, shown, mix, ask.palette);
  host.postMessage({ kind: 'outcome', job: ask.job, outcome });
  return true;
}

async function drill(spot: number, xMm: number, yMm: number): Promise<void> {
  const make = await makeKernel;
  if (!poured || !current) return;
  const { pour } = poured;
  // A kernel of its own: the other may be in the middle of a trace.
  const drilling = coreAt(pour, make(pour.site.grid, 256), xMm, yMm, mixesOf(current.scene));
  let step = drilling.next();
  while (!step.done) step = drilling.next();
  host.postMessage({ kind: 'core', spot, layers: step.value });
}
