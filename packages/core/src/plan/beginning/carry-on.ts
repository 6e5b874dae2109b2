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
  const before = brief(plan);
  const covers = left.reduce((sum, { ml }) => sum + ml, 0);
  const takes = before.budget.totalMl / before.surface.pieces;
  const by = Math.min(1, Math.sqrt(covers / takes));
  const shape = shapeOf(plan.surface.shape).scaled(plan.surface.shape, by);
  const bounds = (s: typeof shape) => shapeOf(s).bounds(s);
  const carry = carryTo(bounds(plan.surface.shape), bounds(shape));

  const cups = plan.cups.flatMap((cup): Cup[] => {
    const layers = colours.filter((held) => held.cup === cup.id);
    if (layers.length === 0) return [];
    const { reverseOf: _, for: __, ...own } = cup;
    const placed = (i: number) => cup.layers?.[i]?.placement ?? 'wall';
    return [
      {
        ...own,
        layers: layers.map(({ mix, ml }, i) => ({
          mix,
          parts: Number(ml.toPrecision(4)),
          placement: placed(i),
        })),
      },
    ];
  });
  const standing = new Set(cups.map(({ id }) => id));
  const pots = new Set(kept.map(({ use, mix }) => `${use} ${mix}`));
  const moves = plan.moves
    .filter((move) => {
      const { draws } = verbOf(move);
      const mix = 'mix' in move ? move.mix : undefined;
      return (
        (move.piece ?? 1) === 1 &&
        cupsOf(move).every((cup) => standing.has(cup)) &&
        (draws === undefined || pots.has(`${draws} ${mix}`))
      );
    })
    .map(({ piece: _, ...move }) => carriedMove(move as Move, carry));
  const whole = new Map<string, number>();
  for (const { mix, g } of colours) whole.set(mix, (whole.get(mix) ?? 0) + g);
  const coloursG = [...whole.values()].reduce((sum, g) => sum + g, 0);
  const surface = {
    ...plan.surface,
    shape,
    pieces: 1,
    edgeDepthMm: carry.length(plan.surface.edgeDepthMm),
  };
  const { weighsG: _weighs, ...bare } = surface;
  const {
    dates: _dates,
    made: _made,
    pictures: _pictures,
    miniOf: _mini,
    readings: _,
    ...rest
  } = plan;
  const next: Plan = {
    ...rest,
    title: `${plan.title}, what was left`.slice(0, 120),
    leftOf: { run, of: summed(left) },
    surface: bare,
    budget: {
      school: 'own',
      // What covers the face of one as large by this figure is just what there is.
      gPerCm2: Number(
        (coloursG / ((before.surface.areaCm2 / before.surface.pieces) * by * by)).toFixed(4),
      ),
      insurance: 0,
      stepG: Math.min(plan.budget.stepG, FINE_G),
      shares: [...whole].map(([mix, g]) => ({ mix, share: Number((g / coloursG).toFixed(4)) })),
      pots: kept.map(({ use, mix, ml }) => ({
        use: use as 'base',
        mix,
        ml: Number(ml.toPrecision(4)),
      })),
    },
    cups,
    moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))),
  };
  const filled = brief(next).cups;
  return {
    ...next,
    cups: cups.map((cup, i) => ({ ...cup, vessel: nearest(cup, by, filled[i]?.filledMl ?? 0) })),
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
  return [...sums].map(([mix, g]) => ({ mix, g: Number(g.toFixed(1)) }));
}
