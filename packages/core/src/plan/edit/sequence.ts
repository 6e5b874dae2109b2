import type { FieldValue } from '../../field';
import { shapeOf } from '../../surface/measure';
import type { Sequence } from '../../technique';
import { renamed, settableOf, valueOf } from '../../technique/sequence';
import { cupsOf, type Move, verbOf } from '../../verb';
import { rewriteMoves } from '../beginning/moves';
import type { Plan } from '../document/schema';

/** Pots a move may draw its mix from, as a sequence names them. */
const USES = ['base', 'activator', 'edge'] as const;

/**
 * The pour a plan has come to, as a technique of one's own: its moves of the first piece without what its surface asks for, cups and mixes by
 * their places.
 * @param settings which values of its moves can be set where it is taken again
 */
export function sequenceOf(
  plan: Plan,
  name: string,
  settings: Sequence['settings'] = [],
): Sequence {
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const moves = plan.moves
    .filter((move) => !verbOf(move).aside && (move.piece ?? 1) === 1)
    .flatMap(
      ({ own: _, piece: __, ...move }) => renamed(move as Move, (id) => placeOf(plan, id)) ?? [],
    );
  const poured = moves.flatMap(cupsOf).map((id) => Number(id.slice('cup-'.length)));
  return {
    name,
    widthMm,
    heightMm,
    cups: Math.max(1, ...poured),
    moves,
    settings: [...settings],
  };
}

/** What stands at a name of a plan, by its place; nothing where it is none of the picture's colours nor set aside. */
function placeOf({ cups, budget }: Plan, id: string): string | undefined {
  const cup = cups.findIndex((c) => c.id === id);
  if (cup >= 0) return `cup-${cup + 1}`;
  const use = USES.find((u) => budget.pots.some((p) => p.use === u && p.mix === id));
  if (use) return use;
  const colour = budget.shares.findIndex((s) => s.mix === id);
  return colour >= 0 ? `colour-${colour + 1}` : undefined;
}

/** Pours a plan by the technique it has come to be: its moves are the technique's from now on. */
export const asSequence = (plan: Plan, sequence: Sequence): Plan =>
  rewriteMoves({
    ...plan,
    sequence: { ...sequence, set: {} },
  });

/** What a setting of a plan's own technique stands at in its moves. */
export function settingNow(plan: Plan, name: string): FieldValue | undefined {
  const setting = settableOf(plan.moves).find((s) => s.name === name);
  const move = plan.moves.find((m) => m.id === setting?.moves[0]);
  return setting && move ? valueOf(move, setting.of) : undefined;
}
