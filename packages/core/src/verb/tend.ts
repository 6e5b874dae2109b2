import type { Move } from './move';
import { TASK_IDS, type TaskId, TASKS } from './task';
import { defineVerb } from './define';

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

/** A task as a move; its id tells it again. */
export const taskMove = (task: TaskId): Move => ({ id: `tend-${task}`, verb: tend.id, task });

/** The task a move is; none where it is anything else. */
export const taskOf = (move: Move): TaskId | undefined =>
  move.verb === tend.id ? move.task : undefined;
