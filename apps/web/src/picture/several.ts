import { pourAskOf, type Preview } from '@potter/core/plan';
import { useEffect, useState } from 'react';
import type { Answer, Ask } from '@/workers/messages';
import { type Had, hadAs, hadBefore, type Picture } from './had';

/** How closely each of several pours is looked at: cells of its film, as usual where it says nothing, and the longer side of its picture, px. */
export interface Closeness {
  readonly cells?: number;
  readonly pixels: number;
}

/**
 * A film and a picture just fine enough to tell one pour from another. A film of 40 cells takes half the time, and shows a pressed ring as noise and
 * a strainer without its lobes.
 */
export const SMALL = { cells: 64, pixels: 160 } as const;

/** One that somebody looks at. */
export const LARGE = { pixels: 512 } as const;

/** A pour somebody wants to see among others; what it is of is worked out when its turn comes. */
export interface Wanted {
  readonly key: string;
  readonly preview: () => Preview;
}

/** Pours kept for when somebody comes back. */
const MOST_KEPT = 160;

/** Pours there are, by what decides them. */
const kept = new Map<string, Had>();

export interface Several {
  /** By the keys they were wanted under. */
  readonly had: ReadonlyMap<string, Had>;
  /** How many are still to come. */
  readonly left: number;
  readonly stopped: boolean;
  readonly stop: () => void;
  readonly goOn: () => void;
}

/** What there is, and how many of those wanted are over with. */
interface State {
  readonly of: readonly Wanted[];
  readonly had: ReadonlyMap<string, Had>;
  readonly over: number;
}

/**
 * Several pours, computed one after the other in the order wanted. It goes on while one scrolls, and stops when asked to or when nobody looks any
 * more; going on it begins with what is not there yet. What was there under the same key stays until it comes anew.
 */
export function useSeveral(wanted: readonly Wanted[], { cells, pixels }: Closeness): Several {
  const [state, setState] = useState<State>({ of: wanted, had: new Map(), over: 0 });
  const [stopped, setStopped] = useState(false);
  useEffect(() => {
    if (stopped) return;
    let over = 0;
    return compute(wanted, cells === undefined ? { pixels } : { cells, pixels }, (key, one) => {
      over++;
      setState(({ had }) => ({
        of: wanted,
        had: one ? new Map([...had, [key, one]]) : had,
        over,
      }));
    });
  }, [wanted, cells, pixels, stopped]);
  return {
    had: state.had,
    left: wanted.length - (state.of === wanted ? state.over : 0),
    stopped,
    stop: () => setStopped(true),
    goOn: () => setStopped(false),
  };
}

/** Workers at a time: pours do not wait for one another, and the page keeps a processor for itself where there are more than two. */
const lanes = (): number => Math.max(1, Math.min(2, navigator.hardwareConcurrency ?? 1));

/** Has the pours computed by workers of their own, and hears of each, of one that failed without it; returns what stops them. */
function compute(
  wanted: readonly Wanted[],
  closeness: Closeness,
  tell: (of: string, one?: Had) => void,
): () => void {
  let at = 0;
  const take = (): Wanted | undefined => wanted[at++];
  const stops = Array.from({ length: Math.min(lanes(), wanted.length) }, () =>
    lane(take, closeness, tell),
  );
  return () => stops.forEach((stop) => stop());
}

/** Takes one pour after the other until there is none left; a worker is begun for the first that is not there from before. */
function lane(
  take: () => Wanted | undefined,
  { cells, pixels }: Closeness,
  tell: (of: string, one?: Had) => void,
): () => void {
  let worker: Worker | undefined;
  let job = 0;
  let key = '';
  let of = '';
  let picture: Picture | undefined;
  let timer: ReturnType<typeof setTimeout>;
  let stopped = false;
  /** Those somebody looks at stay on the device. */
  const onDevice = cells === undefined ? hadBefore : undefined;
  const leave = () => {
    worker?.terminate();
    worker = undefined;
  };
  const next = () => {
    const one = take();
    // Between two of them the page has its turn.
    if (one) timer = setTimeout(() => void begin(one), 0);
    else leave();
  };
  const over = (one?: Had) => {
    tell(of, one);
    next();
  };
  const begin = async (one: Wanted) => {
    const preview = one.preview();
    of = one.key;
    key = hadAs(preview, `${cells ?? ''}`, pixels);
    const have = kept.get(key) ?? (await onDevice?.find(key));
    if (stopped) return;
    if (have) {
      keep(key, have);
      over(have);
      return;
    }
    worker ??= made();
    worker.postMessage({
      kind: 'show',
      job: ++job,
      ...pourAskOf(preview),
      pixels: [pixels],
      // So coarse a film is looked at as coarsely.
      ...(cells === undefined ? {} : { cells, quick: true }),
    } satisfies Ask);
  };
  const made = (): Worker => {
    const own = new Worker(new URL('../workers/pour.worker.ts', import.meta.url));
    own.onmessage = ({ data }: MessageEvent<Answer>) => {
      if (!('job' in data) || data.job !== job) return;
      if (data.kind === 'picture') {
        const { width, height, rgba } = data;
        picture = { width, height, rgba: new Uint8ClampedArray(rgba) };
      } else if (data.kind === 'outcome' && picture) {
        const one = { picture, outcome: data.outcome };
        keep(key, one);
        void onDevice?.keep(key, one);
        over(one);
      } else if (data.kind === 'failed') over();
    };
    own.onerror = (event) => {
      event.preventDefault();
      // One that broke answers nobody any more: its pour is missing, the next has another worker.
      if (worker !== own) return;
      leave();
      over();
    };
    return own;
  };
  next();
  return () => {
    stopped = true;
    clearTimeout(timer);
    leave();
  };
}

function keep(key: string, one: Had): void {
  kept.set(key, one);
  const [oldest] = kept.keys();
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
}
