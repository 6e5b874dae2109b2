import {
  type Births,
  type Cells,
  type Columns,
  type GrowingBuffer,
  type Help,
  type Helper,
  type Plate,
  type Promised,
  sharedMemory,
} from '@potter/core/flow';
import type { HelpAnswer, HelpAsk, HelpTask } from './help-messages';

/** What the motions of a pour shared with a helper may take up, bytes: longer pours keep the rest each for itself. */
const MOST_BYTES = 2 ** 28;

/** A helper in another worker, as the one it helps has it. */
export interface FarHelper extends Helper {
  /** Whether what was asked for last is still awaited, and nothing else can be done. */
  waits(): boolean;
  /** Its next word. */
  word(): Promise<void>;
  /** Makes it leave off what it does for a pour that is given up, so that memory can be used again. */
  quiet(): Promise<void>;
  /** It answers nobody any more. */
  lose(): void;
}

/** The helper at the other end of a port. */
export function helperAt(port: MessagePort): FarHelper {
  const buffer = new (SharedArrayBuffer as unknown as new (
    bytes: number,
    options: { maxByteLength: number },
  ) => GrowingBuffer)(0, { maxByteLength: MOST_BYTES });
  const found = new Map<number, Births | Columns | 'lost'>();
  const heard: (() => void)[] = [];
  let pour = 0;
  let state: 'begun' | 'ready' | 'lost' = 'lost';
  let soon: Plate | undefined;
  let cells: Cells | undefined;
  let busy = false;
  let last = 0;
  let waiting = false;
  let broken = false;

  const ask = (message: HelpAsk) => port.postMessage(message);
  port.onmessage = ({ data: answer }: MessageEvent<HelpAnswer>) => {
    switch (answer.kind) {
      case 'soon':
        if (answer.pour === pour) soon = answer.plate;
        break;
      case 'ready':
      case 'failed':
        if (answer.pour !== pour) break;
        state = answer.kind === 'ready' ? 'ready' : 'lost';
        cells = answer.kind === 'ready' ? answer.cells : undefined;
        busy = false;
        break;
      case 'done':
      case 'lost':
        found.set(answer.id, answer.kind === 'lost' ? 'lost' : answer.found);
        busy = answer.id !== last;
        break;
      case 'stopped':
        busy = false;
        if (state === 'begun') state = 'lost';
    }
    told();
  };
  const told = () => {
    waiting = false;
    for (const hear of heard.splice(0)) hear();
  };
  const word = (): Promise<void> => new Promise((resolve) => heard.push(resolve));

  /** Hands over a part of the work on a pour, which is numbered by `numbered`; undefined where nobody can take it. */
  function hand<T extends Births | Columns>(
    own: number,
    numbered: (id: number) => HelpTask,
  ): Promised<T> | undefined {
    if (own !== pour || state !== 'ready') return undefined;
    const id = ++last;
    busy = true;
    ask(numbered(id));
    return () => {
      const answer = state === 'ready' ? found.get(id) : 'lost';
      waiting = !answer;
      if (answer) found.delete(id);
      return answer as T | 'lost' | undefined;
    };
  }

  return {
    begin(what): Help {
      const own = ++pour;
      [state, soon, cells, busy] = [broken ? 'lost' : 'begun', undefined, undefined, !broken];
      ask({ kind: 'begin', pour, what });
      return {
        memory: sharedMemory(buffer),
        poured(it, opens) {
          if (own === pour && state === 'begun')
            ask({ kind: 'poured', pour, poured: it, ...(opens ? { opens } : {}) });
        },
        trace: ({ x, y, z, count }) =>
          hand<Births>(own, (id) => ({ kind: 'trace', id, places: { x, y, z, count } })),
        soon: () => (own !== pour || (state === 'lost' && !soon) ? 'lost' : soon),
        columns: (columns) => hand<Columns>(own, (id) => ({ kind: 'columns', id, columns })),
        opened: (open) => hand<Columns>(own, (id) => ({ kind: 'open', id, open })),
        cells() {
          waiting = own === pour && state === 'begun';
          if (waiting) return undefined;
          return own === pour && state === 'ready' ? (cells ?? 'lost') : 'lost';
        },
      };
    },
    waits: () => waiting,
    word,
    async quiet() {
      waiting = false;
      if (busy) ask({ kind: 'stop' });
      while (busy) await word();
      found.clear();
    },
    lose() {
      [broken, state, busy] = [true, 'lost', false];
      told();
    },
  };
}
