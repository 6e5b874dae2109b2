import {
  cellsOf,
  emptyBirths,
  type Engine,
  type FilmKernel,
  layGrid,
  type Places,
  type Pour,
  pourOn,
  sharedMemory,
  traceAlone,
} from '@potter/core/flow';
import type { HelpAnswer, HelpAsk } from './help-messages';
import { listen, SLICE_MS } from './listen';

/** Places traced at a time. */
const SAMPLES = 65_536;

/** Helps whoever is at the other end of a port: pours what is poured there, and traces places of it. */
export function helpAt(port: MessagePort, loaded: Promise<Engine>): void {
  let poured: { readonly pour: Pour; readonly kernel: FilmKernel } | undefined;
  /** What is under way; whatever follows it takes its place. */
  let task: HelpAsk | undefined;
  const tell = (message: HelpAnswer, transfer: Transferable[] = []) =>
    port.postMessage(message, transfer);

  port.onmessage = ({ data: ask }: MessageEvent<HelpAsk>) => {
    task = ask;
    switch (ask.kind) {
      case 'stop':
        tell({ kind: 'stopped' });
        return;
      case 'pour':
        poured = undefined;
        void pour(ask).catch(() => tell({ kind: 'failed', pour: ask.pour }));
        return;
      case 'trace':
        void trace(ask).catch(() => tell({ kind: 'lost', id: ask.id }));
    }
  };

  /** Works in slices; nothing where it has been told something else meanwhile. */
  async function done<T>(own: HelpAsk, work: Generator<unknown, T>): Promise<T | undefined> {
    let until = performance.now() + SLICE_MS;
    for (;;) {
      const step = work.next();
      if (step.done) return step.value;
      if (performance.now() < until) continue;
      await listen();
      if (task !== own) return undefined;
      until = performance.now() + SLICE_MS;
    }
  }

  async function pour(ask: Extract<HelpAsk, { kind: 'pour' }>): Promise<void> {
    const engine = await loaded;
    if (task !== ask) return;
    const { scene, cells: along, opens } = ask.what;
    const site = layGrid(scene, along);
    const kernel = engine.make(site.grid, SAMPLES);
    const own = await done(ask, pourOn(kernel, scene, site, sharedMemory(ask.buffer)));
    if (!own) return;
    const cells = opens && (await done(ask, cellsOf(own, kernel, opens)));
    if (opens && !cells) return;
    poured = { pour: own, kernel };
    tell({ kind: 'poured', pour: ask.pour, ...(cells ? { cells } : {}) });
  }

  async function trace(ask: Extract<HelpAsk, { kind: 'trace' }>): Promise<void> {
    if (!poured) return tell({ kind: 'lost', id: ask.id });
    const { count } = ask.places;
    const places: Places = {
      ...ask.places,
      index: Int32Array.from({ length: count }, (_, n) => n),
    };
    const births = emptyBirths(count);
    const whole = await done(ask, alive(traceAlone(poured.pour, poured.kernel, places, births)));
    if (!whole) return;
    const { source, s, xi, eta, wave } = births;
    const buffers = [source, s, xi, eta, wave].map(({ buffer }) => buffer as ArrayBuffer);
    tell({ kind: 'traced', id: ask.id, births }, buffers);
  }
}

/** Work that returns nothing, as one that says that it has come to its end. */
function* alive(work: Generator<unknown, void>): Generator<unknown, true> {
  yield* work;
  return true;
}
