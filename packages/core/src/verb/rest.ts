import { defineVerb } from './verb';

export const rest = defineVerb({
  verb: 'rest',
  title: 'Rest',
  fields: {},
  usualS: 300,
  each: false,
  care: [],
  flows: ({ s }) => [{ kind: 'rest', s }],
  says: () => 'Leave it level and look, without touching it. Cells go on growing.',
});
