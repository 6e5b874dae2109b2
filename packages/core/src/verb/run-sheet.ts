import type { CareCode } from './care';
import type { Scene, Take } from './define';
import type { Ledger } from './ledger';
import { careOf, type Move, secondsOf, verbOf } from './move';

/** One move as it is carried out. Times in seconds from the start of the run, all pieces done one after another. */
export interface RunStep {
  readonly move: string;
  readonly title: string;
  readonly says: string;
  /** What the plan notes on the move. */
  readonly note?: string;
  /** The sign to stop by. */
  readonly until?: string;
  /** What a scale under the piece should read as it is done, bare piece and all, g; where the piece was weighed bare. */
  readonly readsG?: number;
  /** What the hand must have ready for it: cups, pots, what it holds; all pieces together. */
  readonly hand: readonly string[];
  readonly startS: number;
  readonly endS: number;
  /** How often it is done: once for each piece of a set, or once. */
  readonly times: number;
  /** Paint it uses, all pieces together. */
  readonly takes: readonly Take[];
  /** What is left after it of what it took from, all pieces together. */
  readonly leaves: readonly Take[];
  readonly care: readonly CareCode[];
  /** What is mixed for it just before stays open so long, s. */
  readonly opensS?: number;
}

/** Lays the moves out in time. A move `with` another starts together with it; the next starts when the later one ends. */
export function layRunSheet(moves: readonly Move[], scene: Scene, ledger: Ledger): RunStep[] {
  const started = new Map<string, RunStep>();
  let clock = 0;
  return moves.map((move, i) => {
    const verb = verbOf(move);
    const { times, takes, leaves } = ledger.entries[i]!;
    const startS = (move.with !== undefined ? started.get(move.with)?.startS : undefined) ?? clock;
    const endS = startS + (secondsOf(move) + (verb.standsS?.(move) ?? 0)) * times;
    clock = Math.max(clock, endS);
    // What its note says it need not say again.
    const mixed = verb.mixedOf?.(move, scene);
    const until = move.note === undefined ? verb.until?.(move, scene) : undefined;
    const step: RunStep = {
      move: move.id,
      title: verb.named?.(move) ?? verb.title,
      says: wordsOf(move, moves, scene),
      ...(move.note === undefined ? {} : { note: move.note }),
      ...(until === undefined ? {} : { until }),
      hand: handOf(move, takes, scene),
      startS,
      endS,
      times,
      takes,
      leaves,
      care: careOf(move),
      ...(mixed ? { opensS: mixed.opensS } : {}),
    };
    started.set(move.id, step);
    return step;
  });
}

/** Cups and pots it takes from, each once, and what it holds. */
function handOf(move: Move, takes: readonly Take[], scene: Scene): readonly string[] {
  const held = verbOf(move).holds?.(move);
  const paint = takes.flatMap(({ cup, use, mix }) =>
    cup !== undefined
      ? [scene.cupName(cup)]
      : use !== undefined && mix !== undefined
        ? [scene.mixName(mix)]
        : [],
  );
  return [...new Set([...paint, ...(held === undefined ? [] : [held])])];
}

/**
 * What to do, in words. Moves that begin together say so at the first of them, with all that begins then, for a hand that waits for its
 * turn comes too late; and at each of the others.
 */
function wordsOf(move: Move, moves: readonly Move[], scene: Scene): string {
  const says = (one: Move) => verbOf(one).says(one, scene);
  if (move.with !== undefined) return besides(says(move));
  const others = moves.filter((m) => m.with === move.id);
  return [says(move), ...others.map((other) => besides(says(other)))].join(' ');
}

const besides = (says: string): string =>
  `At the same time: ${says[0]!.toLowerCase()}${says.slice(1)}`;
