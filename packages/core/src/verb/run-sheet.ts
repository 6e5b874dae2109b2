import type { CareCode } from './care';
import { type Move, verbOf } from './move';
import type { Scene, Take } from './verb';

/** One move as it is carried out. Times in seconds from the start of the run, all pieces done one after another. */
export interface RunStep {
  readonly move: string;
  readonly title: string;
  readonly says: string;
  /** What the plan notes on the move. */
  readonly note?: string;
  readonly startS: number;
  readonly endS: number;
  /** How often it is done: once for each piece of a set, or once. */
  readonly times: number;
  /** Paint it uses, all pieces together. */
  readonly takes: readonly Take[];
  readonly care: readonly CareCode[];
}

/** Lays the moves out in time. A move `with` another starts together with it; the next starts when the later one ends. */
export function layRunSheet(moves: readonly Move[], scene: Scene): RunStep[] {
  const started = new Map<string, RunStep>();
  let clock = 0;
  return moves.map((move) => {
    const verb = verbOf(move);
    const times = verb.each && move.piece === undefined ? scene.pieces : 1;
    const restS = move.verb === 'flip' ? (move.restS ?? 0) : 0;
    const startS = (move.with !== undefined ? started.get(move.with)?.startS : undefined) ?? clock;
    const endS = startS + ((move.s ?? verb.usualS) + restS) * times;
    clock = Math.max(clock, endS);
    const step: RunStep = {
      move: move.id,
      title: verb.named?.(move) ?? verb.title,
      says: verb.says(move, scene),
      ...(move.note === undefined ? {} : { note: move.note }),
      startS,
      endS,
      times,
      takes: (verb.takes?.(move, scene) ?? []).map((take) => ({
        ...take,
        ml: take.ml * times,
        g: take.g * times,
      })),
      care: [...verb.care, ...(verb.minding?.(move) ?? [])],
    };
    started.set(move.id, step);
    return step;
  });
}
