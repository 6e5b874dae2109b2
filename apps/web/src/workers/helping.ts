import {
  type Births,
  cellsOf,
  type Columns,
  type ColumnsAsk,
  columnsFor,
  emptyBirths,
  type Engine,
  type FilmKernel,
  firstLookAt,
  handedOver,
  layGrid,
  type OpenAsk,
  openedFor,
  type Pour,
  pourOn,
  type RowsWritten,
  SAMPLES,
  sharedMemory,
  traceAlone,
} from '@potter/core/flow';
import type { HelpAnswer, HelpAsk, HelpTask, WhereToTrace } from './help-messages';
import { listen, SLICE_MS } from './listen';

interface Poured {
  readonly pour: Pour;
  readonly kernel: FilmKernel;
  /** Whether cells are to be opened in the columns that are written. */
  readonly opens: boolean;
  /** What was written last, until that is done. */
  written?: RowsWritten;
}

/** Helps whoever is at the other end of a port: pours what is poured there, finds its cells, and does parts of the work on it. */
export function helpAt(port: MessagePort, loaded: Promise<Engine>): void {
  let poured: Poured | undefined;
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
      case 'columns':
      case 'open':
        void take(ask).catch(() => tell({ kind: 'lost', id: ask.id }));
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
    const { scene, cells: along, opens, soon } = ask.what;
    if (soon) {
      const plate = await done(ask, firstLookAt(engine, SAMPLES, scene, soon));
      if (!plate) return;
      tell({ kind: 'soon', pour: ask.pour, plate });
    }
    const site = layGrid(scene, along);
    const kernel = engine.make(site.grid, SAMPLES);
    const own = await done(ask, pourOn(kernel, scene, site, sharedMemory(ask.buffer)));
    if (!own) return;
    const cells = opens && (await done(ask, cellsOf(own, kernel, opens)));
    if (opens && !cells) return;
    poured = { pour: own, kernel, opens: cells !== undefined && cells.cells.length > 0 };
    tell({ kind: 'poured', pour: ask.pour, ...(cells ? { cells } : {}) });
  }

  /** Does a part of the work, and hands over what was found. */
  async function take(part: HelpTask): Promise<void> {
    const found = poured && (await done(part, partOf(poured, part)));
    // What was written is still wanted here.
    const keeps = part.kind === 'columns' && poured?.written !== undefined;
    if (found) tell({ kind: 'done', id: part.id, found }, keeps ? [] : memoryOf(found));
    else if (!poured) tell({ kind: 'lost', id: part.id });
  }
}

function partOf(poured: Poured, task: HelpTask): Generator<unknown, Births | Columns> {
  switch (task.kind) {
    case 'trace':
      return birthsOf(poured.pour, poured.kernel, task.places);
    case 'columns':
      return columnsIn(poured, task.columns);
    case 'open':
      return openedIn(poured, task.open);
  }
}

function* columnsIn(poured: Poured, ask: ColumnsAsk): Generator<unknown, Columns> {
  const written = yield* columnsFor(poured.pour, ask);
  if (poured.opens) poured.written = written;
  return handedOver(written);
}

function* openedIn(poured: Poured, ask: OpenAsk): Generator<unknown, Columns> {
  const { written } = poured;
  if (!written) throw new RangeError('no columns are there to open cells in');
  poured.written = undefined;
  return yield* openedFor(written, ask);
}

/** The births of places, in their order. */
function* birthsOf(
  pour: Pour,
  kernel: FilmKernel,
  places: WhereToTrace,
): Generator<number, Births> {
  const { count } = places;
  const births = emptyBirths(count);
  const index = Int32Array.from({ length: count }, (_, n) => n);
  yield* traceAlone(pour, kernel, { ...places, index }, births);
  return births;
}

/** The memory of what was found, to be handed over. */
function memoryOf(found: Births | Columns): Transferable[] {
  const arrays =
    'pages' in found
      ? [found.count, found.first, ...found.pages.flatMap((page) => Object.values(page))]
      : Object.values(found);
  return (arrays as Uint8Array<ArrayBuffer>[]).map(({ buffer }) => buffer);
}
