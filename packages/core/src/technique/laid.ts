import type { Path } from '../surface/path';
import type { Move } from '../verb';
import type { Stage } from './define';
import { fromMiddle } from './place';

/** A puddle of each cup where it is best emptied, close to the surface. */
export const puddles = ({ spots }: Stage, cups: readonly string[], all = cups): Move[] =>
  cups.map((cup): Move => ({
    id: `puddle-${cup}`,
    verb: 'pour',
    cups: [cup],
    atMm: [...spots[all.indexOf(cup)]!],
    heightMm: 20,
    s: 10,
  }));

/** Each cup turned over where it is best emptied. */
export const flips = ({ cups, spots }: Stage, restS: number): Move[] =>
  cups.map((cup, i): Move => ({
    id: `flip-${cup}`,
    verb: 'flip',
    cup,
    atMm: [...spots[i]!],
    restS,
    s: 20,
  }));

/** Slower than this nobody spins. */
const LEAST_TURNS = 5;

/** Spun about the middle at the end; not at all where it is set so slow. */
export const spun = (stage: Stage, turnsPerMin: number, s: number): Move[] =>
  turnsPerMin < LEAST_TURNS || s <= 0
    ? []
    : [
        {
          id: 'spin',
          verb: 'spin',
          aboutMm: fromMiddle(stage, 0, 0),
          turnsPerMin,
          counter: false,
          s,
        },
      ];

/** What is set aside as activator, or as dump colour, run along a way; nothing where none is set aside. */
export function activated({ pot }: Stage, way: Path, wideMm: number, s: number): Move[] {
  const mix = pot('activator')?.mix;
  return mix === undefined ? [] : [{ id: 'activator', verb: 'activate', mix, way, wideMm, s }];
}
