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
  numbered,
  type OpenAsk,
  openedFor,
  type Pour,
  type RowsWritten,
  SAMPLES,
  traceAlone,
} from '@potter/core/flow';
import type { HelpAnswer, HelpAsk, HelpTask, WhereToTrace } from './help-messages';
import { listen, SLICE_MS } from './listen';

/** What work is done on. */
interface Ready {
  readonly pour: Pour;
  readonly kernel: FilmKernel;
  /** Whether cells are to be opened in the columns that are written. */
  readonly opens: boolean;
  /** What was written last, until that is done. */
  written?: RowsWritten;
}

/** Helps whoever is at the other end of a port: takes the first look at what is poured there, finds its cells once it is, and does parts of the work on it. */
export function helpAt(port: MessagePort, loaded: Promise<Engine>): void {
  let ready: Ready | undefined;
  /** Rises with whatever makes it leave off what it does. */
  let turn = 0;
  let last: Promise<void> = Promise.resolve();
  const tell = (message: HelpAnswer, transfer: Transferable[] = []) =>
    port.postMessage(message, transfer);

  port.onmessage = ({ data: ask }: MessageEvent<HelpAsk>) => {
    switch (ask.kind) {
      case 'stop':
        turn++;
        tell({ kind: 'stopped' });
        return;
      case 'begin':
        turn++;
        ready = undefined;
        next((own) => look(ask, own), { kind: 'failed', pour: ask.pour });
        return;
      case 'poured':
        next((own) => takeOn(ask, own), { kind: 'failed', pour: ask.pour });
        return;
      default:
        next((own) => take(ask, own), { kind: 'lost', id: ask.id });
    }
  };

  /** Does a thing after what was asked before it, unless it is told to leave off meanwhile. */
  function next(work: (own: number) => Promise<void>, failed: HelpAnswer): void {
    const own = turn;
    last = last.then(() => (own === turn ? work(own) : undefined)).catch(() => tell(failed));
  }

  /** Works in slices; nothing where it has been told to leave off. */
  async function done<T>(own: number, work: Generator<unknown, T>): Promise<T | undefined> {
    let until = performance.now() + SLICE_MS;
    for (;;) {
      const step = work.next();
      if (step.done) return step.value;
      if (performance.now() < until) continue;
      await listen();
      if (turn !== own) return undefined;
      until = performance.now() + SLICE_MS;
    }
  }

  async function look({ pour, what }: AskOf<'begin'>, own: number): Promise<void> {
    if (!what.soon) return;
    const plate = await done(own, firstLookAt(await loaded, SAMPLES, what.scene, what.soon));
    if (plate) tell({ kind: 'soon', pour, plate });
  }

  async function takeOn({ pour, poured, opens }: AskOf<'poured'>, own: number): Promise<void> {
    const kernel = (await loaded).make(poured.site.grid, SAMPLES);
    const cells = opens && (await done(own, cellsOf(poured, kernel, opens)));
    if (opens && !cells) return;
    ready = { pour: poured, kernel, opens: cells !== undefined && cells.cells.length > 0 };
    tell({ kind: 'ready', pour, ...(cells ? { cells } : {}) });
  }

  /** Does a part of the work, and hands over what was found. */
  async function take(part: HelpTask, own: number): Promise<void> {
    const found = ready && (await done(own, partOf(ready, part)));
    // What was written is still wanted here.
    const keeps = part.kind === 'columns' && ready?.written !== undefined;
    if (found) tell({ kind: 'done', id: part.id, found }, keeps ? [] : memoryOf(found));
    else if (!ready) tell({ kind: 'lost', id: part.id });
  }
}

type AskOf<K extends HelpAsk['kind']> = Extract<HelpAsk, { kind: K }>;

function partOf(ready: Ready, task: HelpTask): Generator<unknown, Births | Columns> {
  switch (task.kind) {
    case 'trace':
      return birthsOf(ready.pour, ready.kernel, task.places);
    case 'columns':
      return columnsIn(ready, task.columns);
    case 'open':
      return openedIn(ready, task.open);
  }
}

function* columnsIn(ready: Ready, ask: ColumnsAsk): Generator<unknown, Columns> {
  const written = yield* columnsFor(ready.pour, ask);
  if (ready.opens) ready.written = written;
  return handedOver(written);
}

function* openedIn(ready: Ready, ask: OpenAsk): Generator<unknown, Columns> {
  const { written } = ready;
  if (!written) throw new RangeError('no columns are there to open cells in');
  ready.written = undefined;
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
  yield* traceAlone(pour, kernel, { ...places, index: numbered(count) }, births);
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
