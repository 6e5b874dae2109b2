import type { Cup, Layer } from '../../cup/schema';
import { shapeOf } from '../../surface/measure';
import { carriedMove, carryTo, cupsOf, type Move } from '../../verb';
import { brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import { withEarlier } from './moves';
import { nearest } from './nearest-vessel';

/** The longer side of a small test, mm: a tile (common practice, no published source). */
export const MINI_MM = 100;
/** A test this near the piece's own size is no test: the piece may as well be poured. */
const MOST_SHARE = 0.7;
/** Small amounts are weighed finer, g. */
const FINE_G = 0.1;

/** Whether a plan's pieces are so large that a small test saves anything. */
export const mayBeMini = (plan: Plan): boolean => longestMm(plan) * MOST_SHARE > MINI_MM;

const longestMm = ({ surface: { shape } }: Plan): number => {
  const { widthMm, heightMm } = shapeOf(shape).bounds(shape);
  return Math.max(widthMm, heightMm);
};

/**
 * The plan as a small test of it: one piece of the same proportions, every way and length as much shorter, every amount by its area, so that
 * films are as thick as they will be; the same mixes from the smallest fitting cups.
 * @param of the id of the plan it tries, which it names from then on
 */
export function miniPour(plan: Plan, of: string): Plan {
  const by = MINI_MM / longestMm(plan);
  const shape = shapeOf(plan.surface.shape).scaled(plan.surface.shape, by);
  const bounds = (s: typeof shape) => shapeOf(s).bounds(s);
  const carry = carryTo(bounds(plan.surface.shape), bounds(shape));
  const moves = plan.moves
    .filter(({ piece = 1 }) => piece === 1)
    .map(({ piece: _, ...move }) => carriedMove(move as Move, carry));
  const { dates: _, made: __, pictures: ___, ...kept } = plan;
  const small: Plan = {
    ...kept,
    title: `${plan.title}, mini pour`.slice(0, 120),
    miniOf: of,
    surface: {
      ...plan.surface,
      shape,
      pieces: 1,
      edgeDepthMm: carry.length(plan.surface.edgeDepthMm),
    },
    budget: {
      ...plan.budget,
      stepG: Math.min(plan.budget.stepG, FINE_G),
      pots: plan.budget.pots.map((pot) => ({
        ...pot,
        ...(pot.ml === undefined ? {} : { ml: carry.volume(pot.ml / plan.surface.pieces) }),
        ...(pot.g === undefined ? {} : { g: carry.volume(pot.g / plan.surface.pieces) }),
      })),
    },
    cups: cupsFor(plan, moves).map(({ layers, ...cup }) => ({
      ...cup,
      ...(layers ? { layers: layers.map((layer) => pinnedBy(layer, carry.volume)) } : {}),
    })),
    moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))),
  };
  const { stepMl: _step, partsToG: _parts, ...budget } = small.budget;
  const weighed = { ...small, budget };
  const filled = brief(weighed).cups;
  return {
    ...weighed,
    cups: weighed.cups.map((cup, i) => ({
      ...cup,
      vessel: nearest(cup, by, filled[i]?.filledMl ?? 0),
    })),
  };
}

/** Cups the moves still pour, and those they are the reverse of; all where no move names any. */
function cupsFor({ cups }: Plan, moves: readonly Move[]): readonly Cup[] {
  const poured = new Set(moves.flatMap(cupsOf));
  const needed = cups.filter((c) => poured.has(c.id)).flatMap((c) => [c.id, c.reverseOf]);
  return poured.size === 0 ? cups : cups.filter((c) => needed.includes(c.id));
}

const pinnedBy = (layer: Layer, volume: (ml: number) => number): Layer =>
  layer.ml === undefined ? layer : { ...layer, ml: volume(layer.ml) };
