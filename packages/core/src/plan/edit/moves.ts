import type { Surroundings } from '../../field/define';
import { type FieldValue, startOf } from '../../field/kind';
import { shapeOf } from '../../surface/measure';
import { cupsOf, type Move, spellsOf, type VerbId, verbOf, VERBS } from '../../verb';
import { rewriteMoves, withEarlier } from '../beginning/moves';
import type { Plan } from '../document/schema';
import { freeId, moved } from './list';
import { potsFor } from './pots';

/** Changes the technique's settings; what it wrote is written anew, what the artist did stays. */
export const setTechniqueSettings = (plan: Plan, settings: Record<string, FieldValue>): Plan =>
  rewriteMoves(
    plan.sequence
      ? {
          ...plan,
          sequence: { ...plan.sequence, set: { ...plan.sequence.set, ...settings } as Told },
        }
      : {
          ...plan,
          technique: { ...plan.technique, settings: { ...plan.technique.settings, ...settings } },
        },
    plan,
  );
type Told = NonNullable<Plan['sequence']>['set'];

/** Changes a move by hand: from now on it is the artist's own. */
export const setMove = (plan: Plan, index: number, change: (move: Move) => Move): Plan =>
  potsFor(
    {
      ...plan,
      moves: plan.moves.map((m, i) => (i === index ? { ...followed(change(m), m), own: true } : m)),
    },
    plan,
  );

/** A move changed, with what goes with the change where that was only what is usual. */
const followed = (now: Move, was: Move): Move =>
  now.verb === was.verb ? (verbOf(now).follows?.(now, was) ?? now) : now;

/** Whether a move can be done at the same time as the one before it: both do something to the film. */
export function mayGoTogether({ moves }: Plan, index: number): boolean {
  const [before, move] = [moves[index - 1], moves[index]];
  return Boolean(before && move && verbOf(before).does && verbOf(move).does);
}

/** Has a move begin together with the one before it, and whatever that goes with; or after it again. */
export const setTogether = (plan: Plan, index: number, together: boolean): Plan => {
  const before = plan.moves[index - 1];
  if (together && before)
    return setMove(plan, index, (m) => ({ ...m, with: before.with ?? before.id }));
  return setMove(plan, index, ({ with: _, ...alone }) => alone as Move);
};

/** Hands a move back to the technique, which writes it anew; one of the artist's own making goes. */
export const releaseMove = (plan: Plan, index: number): Plan =>
  rewriteMoves(plan, {
    ...plan,
    moves: plan.moves.map((m, i) => (i === index ? { ...m, own: false } : m)),
  });

/** Where a move goes that nobody gave a place: after the last one of the pour itself, before the film is left to dry. */
export function placeForMove(plan: Plan): number {
  const dries = plan.moves.findIndex((m) => verbOf(m).setsFilm);
  return dries < 0 ? plan.moves.length : dries;
}

/** Puts in a move of this verb at a place in the list, with values that work: the cup is one that no move has poured yet, where there is one. */
export function addMove(plan: Plan, verb: VerbId, at: number): Plan {
  const poured = new Set(plan.moves.flatMap(cupsOf));
  const cups = plan.cups.map((c) => c.id);
  const around: Surroundings = {
    ...shapeOf(plan.surface.shape).bounds(plan.surface.shape),
    mixes: plan.mixes.map((m) => m.id),
    cups: [...cups.filter((c) => !poured.has(c)), ...cups.filter((c) => poured.has(c))],
    pots: plan.budget.pots,
  };
  const id = freeId(
    verb,
    plan.moves.map((m) => m.id),
  );
  const values = Object.entries(VERBS[verb].fields).flatMap(([name, field]) => {
    const start = startOf(field, around);
    return start === undefined ? [] : [[name, start] as const];
  });
  const begun = { id, verb, ...Object.fromEntries(values) } as unknown as Move;
  // What hot cups stand on wants resin (handbook 7, common practice, no published source).
  const hot = verbOf(begun).coats && plan.surface.use === 'hot';
  const move = {
    ...(hot ? followed({ ...begun, product: 'resin' } as Move, begun) : begun),
    own: true,
  };
  return potsFor(
    { ...plan, moves: [...plan.moves.slice(0, at), move, ...plan.moves.slice(at)] },
    plan,
  );
}

export const removeMove = (plan: Plan, index: number): Plan => {
  const moves = plan.moves.filter((_, i) => i !== index);
  return potsFor({ ...plan, moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))) }, plan);
};

/** Moves a move to another place in the list; places outside it change nothing. */
export const moveMove = (plan: Plan, from: number, to: number): Plan =>
  inOrder(plan, moved(plan.moves, from, to));

/** Moves a whole spell of moves (see `spellsOf`) to another place among the spells. */
export function moveSpell(plan: Plan, from: number, to: number): Plan {
  const spells = spellsOf(plan.moves);
  const order = moved(spells, from, to);
  return order === spells
    ? plan
    : inOrder(
        plan,
        order.flatMap((spell) => plan.moves.slice(spell.from, spell.from + spell.count)),
      );
}

const inOrder = (plan: Plan, moves: Move[]): Plan =>
  moves === plan.moves
    ? plan
    : { ...plan, moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))) };
