import type { Orientation } from '@potter/core/level';
import type { TiltSource } from './tilt-source';

/** A table as tables are, and a phone that is itself a little out. */
const TABLE: Orientation = { betaDeg: 0.42, gammaDeg: -0.65 };
const OUT: Orientation = { betaDeg: 0.15, gammaDeg: 0.1 };

/** A board to practise on: it leans as a table does, until what was reckoned is put under it. */
export function practiceTilt(): TiltSource {
  const listeners = new Set<() => void>();
  let board = TABLE;
  let sign = 1;
  let told = sum();
  function sum(): Orientation {
    return {
      betaDeg: sign * board.betaDeg + OUT.betaDeg,
      gammaDeg: sign * board.gammaDeg + OUT.gammaDeg,
    };
  }
  const tell = () => {
    told = sum();
    for (const listener of listeners) listener();
  };
  return {
    read: () => told,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    levelled: () => {
      board = { betaDeg: 0, gammaDeg: 0 };
      tell();
    },
    turn: (half) => {
      sign = half ? -1 : 1;
      tell();
    },
  };
}
