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
  type MakeKernel,
  outcomeOf,
  plainKernel,
  type Plate,
  type Pour,
  pourOn,
  strataOf,
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
  // Same births, other colours: what is developed is coloured anew, at once.
  const have = plate?.key === key ? plate : undefined;
  const finest = ask.pixels.at(-1) ?? 0;
  if (have) send(ask, have.plate, have.pixels >= finest);
  if (have && have.pixels >= finest) return;

  if (poured?.key !== key) {
    const make = await makeKernel;
    if (current !== ask) return;
    // The old pour's memory goes before the new one's comes.
    poured = undefined;
    plate = undefined;
    const site = layGrid(ask.scene);
    const kernel = make(site.grid, SAMPLES);
    const pour = await work(ask, pourOn(kernel, ask.scene, site), (share) =>
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
      send(ask, step.value.plate, whole && pixels === finest);
    }
  }
}

/** Runs a generator to its end, listening between slices; undefined where another `show` came. */
async function work<T>(
  ask: Show,
  generator: Generator<number, T>,
  tell: (share: number) => void,
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
  while (!step.done && typeof step.value === 'number' && performance.now() < until)
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

function send(ask: Show, shown: Plate, finished: boolean): void {
  const { mix } = strataOf(ask.scene);
  const rgba = ask.view === 'film' ? filmMap(shown) : colourPlate(shown, mix, ask.palette);
  const { width, height } = shown;
  if (!poured) return;
  // The pour may be an older one with the same births, whose corners are the same too.
  const outcome = outcomeOf(poured.pour, shown, mix, ask.palette);
  host.postMessage(
    { kind: 'picture', job: ask.job, width, height, rgba: rgba.buffer, finished, outcome },
    [rgba.buffer],
  );
}

async function drill(spot: number, xMm: number, yMm: number): Promise<void> {
  const make = await makeKernel;
  if (!poured || !current) return;
  const { pour } = poured;
  // A kernel of its own: the other may be in the middle of a trace.
  const drilling = coreAt(pour, make(pour.site.grid, 256), xMm, yMm, strataOf(current.scene).mix);
  let step = drilling.next();
  while (!step.done) step = drilling.next();
  host.postMessage({ kind: 'core', spot, layers: step.value });
}
