import type { Outcome, SpotLayer } from '@potter/core/flow';
import { pourAskOf, type Preview } from '@potter/core/plan';
import type { Answer, Ask, Doing, View } from '@/workers/messages';
import { hadAs, hadBefore, type Picture } from './had';

export interface Pouring {
  /** What is being computed; absent where nothing is. How far it is has listeners of its own: see `pourHost.share`. */
  readonly doing?: Doing;
  readonly picture?: Picture;
  /** What the picture is of. */
  readonly of?: Preview;
  readonly outcome?: Outcome;
  /** What the outcome is of. */
  readonly told?: Preview;
  readonly stopped?: boolean;
  readonly failed?: string;
}

interface Wanted {
  readonly preview: Preview;
  readonly view: View;
  /** The plan's id. */
  readonly subject: string;
}

/** A device with less memory than this, GB, has none for a second worker or a fine picture; browsers that do not tell are taken to have enough. */
const ENOUGH_GB = 4;
const hasRoom = (): boolean =>
  ((navigator as { deviceMemory?: number }).deviceMemory ?? ENOUGH_GB) >= ENOUGH_GB;

/** Pictures wanted of a pour, longer side in px: a good one soon, then one for screens that can show it, where there is memory for it. */
const pixelsWanted = (): readonly number[] =>
  devicePixelRatio > 1.5 && hasRoom() ? [512, 1024] : [512];
/** The first look: the coarsest film whose bands lie where the finished one has them, give or take. */
const SOON = { cells: 64, pixels: 160 };
/** A change that follows another within this time is waited out as long: a handle that is drawn does not begin a pour a frame, ms. */
const SETTLE_MS = 40;
/** Nobody looking for this long: the worker and its memory are let go, ms. */
const IDLE_MS = 60_000;

let worker: Worker | undefined;
/** Another that helps it, where the browser lets two share memory. */
let second: Worker | undefined;
let job = 0;
let wanted: Wanted | undefined;
/** When another was wanted last. */
let changedAt = -Infinity;
let state: Pouring = {};
/** Cores that wait for it to be poured, and whether that was asked for: what was had before, or stopped, is not. Undefined once it is poured. */
let waiting: { readonly asked: boolean; readonly cores: readonly Ask[] } | undefined;
const listeners = new Set<() => void>();
/** How far it is with what it does, 0..1: told a dozen times a second, to those alone who show it. */
let share = 0;
const shareListeners = new Set<() => void>();
const cores = new Map<number, (cores: readonly (readonly SpotLayer[])[]) => void>();
let settling: ReturnType<typeof setTimeout> | undefined;
let idle: ReturnType<typeof setTimeout> | undefined;

const set = (next: Pouring): void => {
  state = next;
  listeners.forEach((listener) => listener());
};

const STOP: Ask = { kind: 'stop' };

const ask = (message: Ask): void => {
  worker ??= begin();
  worker.postMessage(message);
};

function begin(): Worker {
  const made = new Worker(new URL('../workers/pour.worker.ts', import.meta.url));
  if (canBeHelped()) helped(made);
  made.onmessage = ({ data }: MessageEvent<Answer>) => hear(data);
  made.onerror = (event) => {
    event.preventDefault();
    // One that broke, or could not even be loaded, answers nobody any more: the next question begins another.
    made.terminate();
    if (worker === made) endWorkers();
    stopWaiting();
    set({ ...state, doing: undefined, failed: event.message || 'the computation stopped' });
  };
  return made;
}

/** Whether there is a processor and memory for another, and the browser lets workers share memory that grows. */
const canBeHelped = (): boolean =>
  globalThis.crossOriginIsolated === true &&
  navigator.hardwareConcurrency > 1 &&
  hasRoom() &&
  'grow' in SharedArrayBuffer.prototype;

/** Gives a worker another to help it. */
function helped(made: Worker): void {
  const { port1, port2 } = new MessageChannel();
  second = new Worker(new URL('../workers/pour.worker.ts', import.meta.url));
  second.onerror = (event) => {
    event.preventDefault();
    const alone: Ask = { kind: 'alone' };
    made.postMessage(alone);
  };
  const [own, theirs]: Ask[] = [
    { kind: 'helped', port: port1 },
    { kind: 'help', port: port2 },
  ];
  made.postMessage(own, [port1]);
  second.postMessage(theirs, [port2]);
}

function endWorkers(): void {
  worker?.terminate();
  second?.terminate();
  worker = second = undefined;
}

function hear(answer: Answer): void {
  if (answer.kind === 'core') {
    cores.get(answer.spot)?.(answer.cores);
    cores.delete(answer.spot);
    return;
  }
  // A late word of a pour nobody waits for any more.
  if (answer.job !== job || !wanted) return;
  switch (answer.kind) {
    case 'progress':
      share = answer.share;
      if (state.doing === answer.doing) shareListeners.forEach((listener) => listener());
      else set({ ...state, doing: answer.doing });
      return;
    case 'failed':
      stopWaiting();
      set({ ...state, doing: undefined, failed: answer.why });
      return;
    case 'picture':
      set({
        ...(answer.finished ? {} : { doing: state.doing ?? 'looking' }),
        picture: {
          width: answer.width,
          height: answer.height,
          rgba: new Uint8ClampedArray(answer.rgba),
          ...(answer.contours ? { contours: answer.contours } : {}),
        },
        of: wanted.preview,
        ...(state.outcome === undefined ? {} : { outcome: state.outcome }),
        ...(state.told === undefined ? {} : { told: state.told }),
      });
      return;
    case 'outcome':
      set({ ...state, outcome: answer.outcome, told: wanted.preview });
      waiting?.cores.forEach(ask);
      waiting = undefined;
      if (state.picture && !state.doing)
        void hadBefore.keep(nameOf(wanted), { picture: state.picture, outcome: answer.outcome });
  }
}

/** It is not poured now: the next core asks for it anew. */
function stopWaiting(): void {
  waiting = { asked: false, cores: [] };
}

const finest = (): number => pixelsWanted().at(-1)!;
const nameOf = ({ preview, view }: Wanted): string => hadAs(preview, view, finest());

/** Asks for a picture, unless this device has it from before. */
function request(one: Wanted, settleMs: number): void {
  const own = ++job;
  const before = hadBefore.find(nameOf(one));
  clearTimeout(settling);
  settling = setTimeout(() => void unlessHad(), settleMs);
  async function unlessHad() {
    const had = await before;
    if (own !== job) return;
    waiting = { asked: !had, cores: [] };
    if (!had) {
      ask({ ...showing(one), pixels: pixelsWanted(), soon: SOON });
      return;
    }
    worker?.postMessage(STOP);
    set({ picture: had.picture, outcome: had.outcome, of: one.preview, told: one.preview });
  }
}

const showing = ({ preview, view }: Wanted) =>
  ({ kind: 'show', job, ...pourAskOf(preview), view }) as const;

/**
 * The one worker all previews share: a station shows a plan's pour, another station of the same plan finds it there.
 * Pictures come through `subscribe` and `get`.
 */
export const pourHost = {
  get: (): Pouring => state,
  /** How far it is with what it does, 0..1. */
  share: {
    get: (): number => share,
    subscribe(listener: () => void): () => void {
      shareListeners.add(listener);
      return () => shareListeners.delete(listener);
    },
  },
  /** The plan the picture is of. */
  subject: (): string | undefined => wanted?.subject,
  subscribe(listener: () => void): () => void {
    clearTimeout(idle);
    listeners.add(listener);
    return () => {
      listeners.delete(listener);
      if (listeners.size === 0) idle = setTimeout(letGo, IDLE_MS);
    };
  },
  /**
   * Wants this pour's picture; the last one stays until it comes, unless it is of another subject. Asking for the same
   * again does nothing.
   * @param subject the plan's id
   */
  show(preview: Preview, view: View, subject: string): void {
    if (wanted?.preview === preview && wanted.view === view) return;
    const next = { preview, view, subject };
    // Said in other words, such as by a plan whose seed was kept: what is there, or on its way, is of it too.
    if (wanted?.subject === subject && nameOf(wanted) === nameOf(next)) return;
    const { doing: _, failed: _failed, stopped: _stopped, ...rest } = state;
    set(wanted?.subject === subject ? rest : {});
    wanted = next;
    const before = changedAt;
    changedAt = performance.now();
    request(wanted, changedAt - before < SETTLE_MS ? SETTLE_MS : 0);
  },
  /** Leaves the picture as it is. */
  stop(): void {
    clearTimeout(settling);
    job++;
    ask(STOP);
    stopWaiting();
    set({ ...state, doing: undefined, stopped: true });
  },
  /** Begins again what was stopped or failed. */
  again(): void {
    if (!wanted) return;
    const { failed: _, stopped: _stopped, ...rest } = state;
    set(rest);
    request(wanted, 0);
  },
  /** A core of each pour at a place, the last first; never answered where there is no pour. */
  drill(xMm: number, yMm: number): Promise<readonly (readonly SpotLayer[])[]> {
    const spot = Math.max(0, ...cores.keys()) + 1;
    return new Promise((resolve) => {
      cores.set(spot, resolve);
      const drill: Ask = { kind: 'drill', spot, xMm, yMm };
      if (!waiting) return ask(drill);
      const { asked, cores: before } = waiting;
      waiting = { asked: true, cores: [...before, drill] };
      if (asked || !wanted) return;
      // It has to be poured after all: its picture is there, so nothing coarser need be seen.
      const { failed: _, stopped: _stopped, ...rest } = state;
      set(rest);
      ask({ ...showing(wanted), pixels: [finest()] });
    });
  },
};

function letGo(): void {
  endWorkers();
  job++;
  wanted = waiting = undefined;
  state = {};
  cores.clear();
}
