import { layersOf } from '../../cup/load';
import { type Neighbours, neighbours } from '../../optics/neighbour';
import type { Point } from '../../surface/path';
import { cupsOf, type Move, verbOf } from '../../verb';
import { type Brief, masstoneIn } from '../brief/brief';
import type { Plan } from '../document/schema';
import { emptiesOf, liesOf } from './leaves';

/** Two cups whose paint comes to lie side by side: where they meet, each turns one colour to the other. */
export interface Meeting {
  /** Positions of the two cups in the plan. */
  readonly cups: readonly [number, number];
  /** What each turns to the other. */
  readonly mixes: readonly [string, string];
  /** How the two do beside each other; of one mix there is nothing to judge: no border shows. */
  readonly judged?: Neighbours;
}

/** Nearer than this one cup stands on the other and not beside it, mm (an estimate). */
const ON_ONE_ANOTHER_MM = 8;

interface Placed {
  readonly cup: number;
  readonly atMm: Point;
  readonly piece: number | undefined;
  readonly outermost: string;
}

/**
 * All meetings of cups that are emptied in one place each and lie ring in ring there. Two of them meet where no third stands between: none within the
 * circle that has both places for its diameter (Gabriel and Sokal 1969).
 */
export function meetingsOf(plan: Plan, brief: Brief): Meeting[] {
  const hexOf = masstoneIn(brief);
  const placed = plan.moves.flatMap((move) => placedBy(plan, move));
  return placed.flatMap((one, i) =>
    placed.slice(i + 1).flatMap((other): Meeting[] => {
      if (one.piece !== other.piece || !meet(one, other, placed)) return [];
      const mixes = [one.outermost, other.outermost] as const;
      return [
        {
          cups: [one.cup, other.cup],
          mixes,
          ...(mixes[0] === mixes[1]
            ? {}
            : { judged: neighbours(hexOf(mixes[0]), hexOf(mixes[1])) }),
        },
      ];
    }),
  );
}

/** The colours other cups turn to this one, each once. */
export const facedBy = (meetings: readonly Meeting[], cup: number): readonly string[] => [
  ...new Set(
    meetings.flatMap(({ cups: [a, b], mixes: [ofA, ofB] }) =>
      a === cup ? [ofB] : b === cup ? [ofA] : [],
    ),
  ),
];

/** The end of a cup that comes to lie outermost where it is emptied in one place; undefined where what leaves lies in bands. */
export function outerEnd(plan: Plan, cupId: string): 'first' | 'last' | undefined {
  if (liesOf(plan, cupId) === 'bands') return undefined;
  return emptiesOf(plan, cupId).outlet.from === 'top' ? 'last' : 'first';
}

/** The one cup a move empties in one place, where no other move uses it on that piece. */
function placedBy(plan: Plan, move: Move): Placed[] {
  const [id, ...others] = cupsOf(move);
  if (id === undefined || others.length > 0 || !('atMm' in move) || !move.atMm) return [];
  if (!verbOf(move).empties) return [];
  const { piece } = move;
  if (plan.moves.some((m) => m !== move && m.piece === piece && cupsOf(m).includes(id))) return [];
  const cup = plan.cups.findIndex((c) => c.id === id);
  const end = cup < 0 ? undefined : outerEnd(plan, id);
  const layers = cup < 0 ? [] : layersOf(plan.cups[cup]!, plan.cups);
  const outermost = layers.at(end === 'last' ? -1 : 0)?.mix;
  return end === undefined || outermost === undefined
    ? []
    : [{ cup, atMm: move.atMm, piece, outermost }];
}

function meet(one: Placed, other: Placed, all: readonly Placed[]): boolean {
  const apart2 = square(one.atMm, other.atMm);
  if (one.cup === other.cup || apart2 < ON_ONE_ANOTHER_MM ** 2) return false;
  // Within the circle on a diameter both its ends are seen under more than a right angle. On it, as across a square, the two touch in a point at most.
  return all.every(
    (third) =>
      third === one ||
      third === other ||
      third.piece !== one.piece ||
      square(third.atMm, one.atMm) + square(third.atMm, other.atMm) > apart2 * (1 + 1e-9),
  );
}

const square = ([ax, ay]: Point, [bx, by]: Point): number => (ax - bx) ** 2 + (ay - by) ** 2;
