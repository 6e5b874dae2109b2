import type { PotUse } from '../../budget/schema';
import type { Cup } from '../../cup/schema';
import { shapeOf } from '../../surface/measure';
import { carriedMove, carryTo, cupsOf, type Left, type Move, verbOf } from '../../verb';
import { brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import { withEarlier } from './moves';
import { nearest } from './nearest-vessel';

/** Less than this makes no piece, g: a small tile takes about 20 (handbook 2, common practice). */
const LEAST_G = 10;
const FINE_G = 0.1;

/** Whether so much is left that another piece may be poured of it. */
export const mayCarryOn = (left: readonly Left[]): boolean =>
  left.reduce((sum, { g }) => sum + g, 0) >= LEAST_G;

/**
 * The next piece out of what is left of a pour: its cups hold what is in them still, in the order it stands there; pots what is in them still. One
 * piece of the same proportions, as large as that covers as thickly. Where no cup holds anything, the first is loaded out of the pots.
 * @param run the pour's id in the journal
 */
export function carryOn(plan: Plan, left: readonly Left[], run: string): Plan {
  const { colours, kept } = sorted(left, plan.cups[0]!.id);
  const { budget, surface } = brief(plan);
  const coversMl = left.reduce((sum, { ml }) => sum + ml, 0);
  const by = Math.min(1, Math.sqrt((coversMl * surface.pieces) / budget.totalMl));
  const shape = shapeOf(plan.surface.shape).scaled(plan.surface.shape, by);
  const bounds = (s: typeof shape) => shapeOf(s).bounds(s);
  const carry = carryTo(bounds(plan.surface.shape), bounds(shape));
  const cups = plan.cups.flatMap((cup) => stillHolding(cup, colours));
  const moves = plan.moves
    .filter((move) => stillDone(move, cups, kept))
    .map(({ piece: _, ...move }) => carriedMove(move as Move, carry));
  const {
    dates: _dates,
    made: _made,
    pictures: _pictures,
    miniOf: _mini,
    readings: _readings,
    ...rest
  } = plan;
  const { weighsG: _weighs, ...bare } = plan.surface;
  const next: Plan = {
    ...rest,
    title: `${plan.title}, what was left`.slice(0, 120),
    leftOf: {
      run,
      of: summed(left).map(({ mix, g }) => ({ mix, g: Number(g.toFixed(1)) })),
    },
    surface: { ...bare, shape, pieces: 1, edgeDepthMm: carry.length(bare.edgeDepthMm) },
    budget: justThat(
      colours,
      kept,
      (surface.areaCm2 / surface.pieces) * by * by,
      Math.min(plan.budget.stepG, FINE_G),
    ),
    cups,
    moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))),
  };
  const filled = brief(next).cups;
  return {
    ...next,
    cups: cups.map((cup, i) => ({ ...cup, vessel: nearest(cup, by, filled[i]?.filledMl ?? 0) })),
  };
}

/** A cup with the layers that are in it still; none where it is empty. */
function stillHolding(cup: Cup, colours: readonly Left[]): Cup[] {
  const layers = colours.filter((held) => held.cup === cup.id);
  if (layers.length === 0) return [];
  const { reverseOf: _, for: __, ...own } = cup;
  return [
    {
      ...own,
      layers: layers.map(({ mix, ml }, i) => ({
        mix,
        parts: Number(ml.toPrecision(4)),
        placement: cup.layers?.[i]?.placement ?? 'wall',
      })),
    },
  ];
}

/** Whether a move of the first piece finds the cups and the pot it takes from. */
function stillDone(move: Move, cups: readonly Cup[], pots: readonly Left[]): boolean {
  const { draws } = verbOf(move);
  const mix = 'mix' in move ? move.mix : undefined;
  return (
    (move.piece ?? 1) === 1 &&
    cupsOf(move).every((id) => cups.some((cup) => cup.id === id)) &&
    (draws === undefined || pots.some((pot) => pot.use === draws && pot.mix === mix))
  );
}

/** A budget that comes to just what there is: what covers the face by its figure are the colours. */
function justThat(
  colours: readonly Left[],
  pots: readonly Left[],
  areaCm2: number,
  stepG: number,
): Plan['budget'] {
  const shares = summed(colours);
  const coloursG = shares.reduce((sum, { g }) => sum + g, 0);
  return {
    school: 'own',
    gPerCm2: Number((coloursG / areaCm2).toFixed(4)),
    insurance: 0,
    stepG,
    shares: shares.map(({ mix, g }) => ({ mix, share: Number((g / coloursG).toFixed(4)) })),
    pots: pots.map(({ use, mix, ml }) => ({
      use: use as PotUse,
      mix,
      ml: Number(ml.toPrecision(4)),
    })),
  };
}

/** What is poured from cups, and what stays in pots: where no cup holds anything, what was kept back goes into one; failing that, all there is. */
function sorted(left: readonly Left[], cup: string): Record<'colours' | 'kept', readonly Left[]> {
  const isSpare = ({ use }: Left) => use === 'keep' || use === 'extender';
  const into = (held: Left): Left => ({ ...held, cup });
  const inPots = left.filter((held) => held.cup === undefined);
  if (inPots.length < left.length)
    return { colours: left.filter((held) => held.cup !== undefined), kept: inPots };
  return inPots.some(isSpare)
    ? { colours: inPots.filter(isSpare).map(into), kept: inPots.filter((held) => !isSpare(held)) }
    : { colours: inPots.map(into), kept: [] };
}

/** Of each mix all there is. */
function summed(left: readonly Left[]): { mix: string; g: number }[] {
  const sums = new Map<string, number>();
  for (const { mix, g } of left) sums.set(mix, (sums.get(mix) ?? 0) + g);
  return [...sums].map(([mix, g]) => ({ mix, g }));
}
