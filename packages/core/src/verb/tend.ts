import { TASK_IDS, TASKS } from './task';
import { defineVerb } from './verb';

const NAMES = Object.fromEntries(TASK_IDS.map((id) => [id, TASKS[id].title]));

export const tend = defineVerb({
  verb: 'tend',
  title: 'Prepare',
  fields: { task: { kind: 'choice', label: 'What', of: TASK_IDS, names: NAMES } },
  usualS: 0,
  each: false,
  aside: true,
  care: [],
  named: ({ task }) => TASKS[task].title,
  minding: ({ task }) => TASKS[task].care,
  says: ({ task }) => TASKS[task].says,
});
