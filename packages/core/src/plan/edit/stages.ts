import { dotMl } from '../../flow/dots';
import type { Paint } from '../../paint/schema';
import { shapeOf } from '../../surface/measure';
import { DOT_PATTERNS, type DotPatternId } from '../../technique';
import { COAT_MM, coatMove, type Move, verbOf } from '../../verb';
import { verbScene } from '../brief/table';
import type { Plan } from '../document/schema';
import { freeId } from './list';
import { draws } from './pots';

/** Dots as they are asked for. */
export interface DotsAsk {
  readonly pattern: DotPatternId;
  readonly mixes: readonly string[];
  /** The largest, mm across. */
  readonly dotMm: number;
  readonly round: number;
  readonly rows: number;
  /** A second coat over them. */
  readonly coated: boolean;
}

/** A colour for dots alone: the paint as it comes, in no cup and with no share of the pour. */
export function addDotColour(plan: Plan, paint: Paint): Plan {
  const known = plan.paints.some(({ id }) => id === paint.id);
  const id = freeId(
    `m-dot-${paint.id}`,
    plan.mixes.map((mix) => mix.id),
  );
  return {
    ...plan,
    paints: known ? plan.paints : [...plan.paints, paint],
    mixes: [
      ...plan.mixes,
      {
        id,
        name: `${paint.name}, for dots`.slice(0, 80),
        basis: 'volume',
        paints: [{ paint: paint.id, parts: 1 }],
        consistency: 'medium',
      },
    ],
  };
}

/** What a dotting tool is dipped into must be so deep: a puddle of this at the least, mL; and so much more than the dots take (estimates). */
const PUDDLE_ML = 3;
const MORE = 1.5;

/**
 * Sets dots on the piece once its coat has cured, as a stage of its own: a coat first where there is none, the dots, their drying and, where it is
 * wanted, another coat. Their paint is set aside for them. All of it is the artist's own: the technique does not write over it.
 */
export function addDots(plan: Plan, ask: DotsAsk): Plan {
  const ids = plan.moves.map(({ id }) => id);
  const own = (moves: readonly Move[]): Move[] =>
    moves.map((move) => {
      const id = freeId(move.id, ids);
      ids.push(id);
      return { ...move, id, own: true };
    });
  const coats = plan.moves.some((m) => verbOf(m).coats);
  const dries = (plan.moves.at(-1) && verbOf(plan.moves.at(-1)!).setsFilm) === true;
  const dry = (until: 'touch' | 'cured'): Move => ({ id: `dry-${until}`, verb: 'dry', until });
  const coat = coatMove('coat', 'varnish', COAT_MM.varnish) as Move;
  const { surface } = plan;
  const shape = shapeOf(surface.shape);
  const dots = DOT_PATTERNS[ask.pattern].moves({
    ...shape.bounds(surface.shape),
    middle: shape.spots(surface.shape, 1)[0]!,
    ...ask,
  });
  const moves = own([
    ...(coats ? [] : [...(dries ? [] : [dry('cured')]), coat, dry('cured')]),
    ...(coats && !dries ? [dry('cured')] : []),
    ...dots,
    dry('touch'),
    ...(ask.coated ? [coat, dry('cured')] : []),
  ]);
  const scene = verbScene(plan);
  const takes = new Map<string, number>();
  for (const move of dots)
    for (const { mix, rMm } of verbOf(move).dots?.(move, scene) ?? [])
      takes.set(mix, (takes.get(mix) ?? 0) + dotMl(rMm) * surface.pieces);
  const had = (mix: string) => pots.find((pot) => pot.use === 'dots' && pot.mix === mix)?.ml ?? 0;
  const { pots } = plan.budget;
  const more = [...takes].map(([mix, ml]) => ({
    use: 'dots' as const,
    mix,
    // Mixes of an earlier stage of dots are mixed anew for this one.
    ml: Number((had(mix) + Math.max(PUDDLE_ML, MORE * ml)).toFixed(1)),
  }));
  const others = pots.filter((pot) => pot.use !== 'dots' || !takes.has(pot.mix ?? ''));
  return {
    ...plan,
    budget: { ...plan.budget, pots: [...others, ...more] },
    moves: [...plan.moves, ...moves],
  };
}

/** Takes a stage out again, its moves and the drying after it, and what was set aside for it alone. */
export function removeStage(plan: Plan, of: readonly string[]): Plan {
  const first = plan.moves.findIndex(({ id }) => of.includes(id));
  const last = plan.moves.map(({ id }) => of.includes(id)).lastIndexOf(true);
  const after = plan.moves[last + 1];
  const until = after && verbOf(after).setsFilm ? last + 1 : last;
  const moves = plan.moves.filter((_, i) => i < first || i > until);
  return {
    ...plan,
    moves,
    budget: {
      ...plan.budget,
      pots: plan.budget.pots.filter(
        (pot) => pot.use !== 'dots' || moves.some((m) => draws(m, pot)),
      ),
    },
  };
}
