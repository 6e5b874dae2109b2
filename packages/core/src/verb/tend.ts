import type { ValuesOf } from '../field/kind';
import { TASK_IDS, type TaskId, TASKS } from './task';
import { defineVerb, type MoveBase } from './define';

const NAMES = Object.fromEntries(TASK_IDS.map((id) => [id, TASKS[id].title]));

/** Not timed: it is ticked off. */
export const tend = defineVerb({
  id: 'tend',
  title: 'Prepare',
  fields: { task: { kind: 'choice', label: 'What', of: TASK_IDS, names: NAMES } },
  each: false,
  aside: true,
  named: ({ task }) => TASKS[task].title,
  care: ({ task }) => TASKS[task].care,
  says: ({ task }) => TASKS[task].says,
  ready: ({ task }, at) => TASKS[task].ready?.(at) ?? TASKS[task].says,
});

type Tend = MoveBase & { verb: typeof tend.id } & ValuesOf<typeof tend.fields>;

/** A task as a move; its id tells it again. */
export const taskMove = (task: TaskId): Tend => ({ id: `tend-${task}`, verb: tend.id, task });

/** The task a move is; none where it is anything else. */
export const taskOf = (move: { readonly verb: string }): TaskId | undefined =>
  isTend(move) ? move.task : undefined;

const isTend = (move: { readonly verb: string }): move is Tend => move.verb === tend.id;
