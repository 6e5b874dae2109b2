import { limbsOf, shapeOf } from '../../surface/measure';
import { covers } from '../../surface/outline/covers';
import { chosenTechnique, toldSettings } from '../../technique';
import { backgroundOf } from './background';
import { cupSpots } from './cup-spots';
import {
  type Move,
  referencesOf,
  TASK_IDS,
  type TaskId,
  taskMove,
  taskOf,
  TASKS,
  usualTasks,
  verbOf,
} from '../../verb';
import type { Plan } from '../document/schema';

/** The moves a plan's technique writes for it. */
function written(plan: Plan): Move[] {
  const technique = chosenTechnique(plan);
  const shape = shapeOf(plan.surface.shape);
  const rings = shape.rings(plan.surface.shape);
  const pot = (use: string) => plan.budget.pots.find((p) => p.use === use);
  const poured = technique.moves(
    {
      cups: plan.cups.map((c) => c.id),
      colours: plan.budget.shares.map((s) => s.mix),
      pot,
      bases: basesOf(plan),
      ...shape.bounds(plan.surface.shape),
      raisedRim: plan.surface.rim.kind === 'raised',
      onFace: (x, y) => covers(rings, x, y),
      middle: shape.spots(plan.surface.shape, 1)[0]!,
      spots: cupSpots(plan.surface.shape, plan.cups),
      strokes: plan.cups.map(
        (cup) => limbsOf(plan.surface.shape).find((l) => cup.for === `limb:${l.name}`)?.alongMm,
      ),
      ...backgroundCupOf(plan),
      reaches: shape.reaches(plan.surface.shape),
    },
    { ...technique.defaults, ...toldSettings(plan) },
  );
  return tended(plan, poured);
}

/** Base coats and their shares, by what is set aside for each; all alike where that is not told in one way. */
function basesOf({ budget: { pots } }: Plan): { mix: string; share: number }[] {
  const bases = pots.filter((p) => p.use === 'base' && p.mix !== undefined);
  const told = (['filmMm', 'ml', 'g', 'share'] as const).find((way) =>
    bases.every((p) => (p[way] ?? 0) > 0),
  );
  const much = (pot: (typeof bases)[number]) => (told ? pot[told]! : 1);
  const all = bases.reduce((sum, pot) => sum + much(pot), 0);
  return bases.map((pot) => ({ mix: pot.mix!, share: much(pot) / all }));
}

function backgroundCupOf(plan: Plan): { backgroundCup?: string } {
  const background = backgroundOf(plan);
  const cup = plan.cups.find((c) => c.layers?.every(({ mix }) => mix === background));
  return cup ? { backgroundCup: cup.id } : {};
}

/** A pour with what its surface wants done before and after: tape comes off at the first drying, sanding waits for the last. */
function tended({ surface }: Plan, poured: readonly Move[]): Move[] {
  const before = usualTasks(surface, 'before').map(taskMove);
  const after = usualTasks(surface, 'after').map(taskMove);
  const soft = poured.findIndex((m) => verbOf(m).setsFilm) + 1 || poured.length;
  const peel = after.filter((m) => TASKS[taskOf(m)!].soft);
  return [
    ...before,
    ...poured.slice(0, soft),
    ...peel,
    ...poured.slice(soft),
    ...after.filter((m) => !peel.includes(m)),
  ];
}

/**
 * Writes the technique's moves anew, as after a change of surface, cups or settings. The list keeps the artist's
 * hand: moves edited by hand stay as they are, an order changed by hand stays, a move taken out stays out.
 * @param before the plan as it was, from which the artist's hand is told; absent for a plan just begun
 */
export function rewriteMoves(plan: Plan, before?: Plan): Plan {
  const fresh = written(plan);
  if (!before) return { ...plan, moves: fresh };
  const takenOut = new Set(
    written(before)
      .map((m) => m.id)
      .filter((id) => !before.moves.some((m) => m.id === id)),
  );
  const moves = before.moves.flatMap((m): Move[] => {
    const anew = fresh.find((f) => f.id === m.id);
    if (m.own) return stillPossible(m, plan) ? [m] : anew ? [anew] : [];
    return anew ? [anew] : [];
  });
  fresh.forEach((move, i) => {
    if (takenOut.has(move.id) || moves.some((m) => m.id === move.id)) return;
    // After the nearest written move before it that is still there; at the start where there is none.
    const ahead = fresh
      .slice(0, i)
      .reverse()
      .find((f) => moves.some((m) => m.id === f.id));
    moves.splice(ahead ? moves.findIndex((m) => m.id === ahead.id) + 1 : 0, 0, move);
  });
  return { ...plan, moves: moves.map((m, i) => withEarlier(m, moves.slice(0, i))) };
}

const stillPossible = (move: Move, plan: Plan): boolean =>
  referencesOf(move).every(({ to, id }) =>
    (to === 'cup' ? plan.cups : plan.mixes).some((one) => one.id === id),
  ) && (move.piece ?? 1) <= plan.surface.pieces;

/** A move can only go with one that comes before it. */
export function withEarlier(move: Move, earlier: readonly Move[]): Move {
  if (move.with === undefined || earlier.some((m) => m.id === move.with)) return move;
  const { with: _, ...alone } = move;
  return alone as Move;
}

/**
 * Sets what is done before the pour. Tasks are the artist's own where the surface would not have asked for them; those left out
 * stay out.
 */
export function setPreparation(plan: Plan, tasks: readonly TaskId[]): Plan {
  const usual = usualTasks(plan.surface, 'before');
  const moves = TASK_IDS.filter((t) => TASKS[t].when === 'before' && tasks.includes(t)).map(
    (task): Move => ({ ...taskMove(task), ...(usual.includes(task) ? {} : { own: true }) }),
  );
  const rest = plan.moves.filter((m) => !isPreparation(m));
  return {
    ...plan,
    moves: [...moves, ...rest].map((m, i, all) => withEarlier(m, all.slice(0, i))),
  };
}

/** Sets what is ticked off at the very end: the back, its rim, what it hangs by or stands on. Those asked for are the artist's own. */
export function setLastTasks(plan: Plan, tasks: readonly TaskId[]): Plan {
  const usual = usualTasks(plan.surface, 'after');
  const moves = TASK_IDS.filter((t) => isLastTask(t) && tasks.includes(t)).map((task): Move => ({
    ...taskMove(task),
    ...(usual.includes(task) ? {} : { own: true }),
  }));
  const rest = plan.moves.filter((m) => !isLastTask(taskOf(m)));
  return { ...plan, moves: [...rest, ...moves] };
}

/** What this plan has ticked off at the very end, in order. */
export const lastTasksOf = (plan: Plan): TaskId[] =>
  plan.moves.flatMap((m) => {
    const task = taskOf(m);
    return task !== undefined && isLastTask(task) ? [task] : [];
  });

/** Whether a task is one of those that wait until all else is done. */
export const isLastTask = (task: TaskId | undefined): boolean =>
  task !== undefined && TASKS[task].when === 'after' && !TASKS[task].soft;

/** What this plan has done before the pour, in order. */
export const preparationOf = (plan: Plan): TaskId[] =>
  plan.moves.filter(isPreparation).map((m) => taskOf(m)!);

function isPreparation(move: Move): boolean {
  const task = taskOf(move);
  return task !== undefined && TASKS[task].when === 'before';
}
