import { defineVerb } from './define';

export const rest = defineVerb({
  id: 'rest',
  title: 'Rest',
  fields: {},
  usualS: 300,
  each: false,
  waits: true,
  does: ({ s }) => ({ acts: [{ kind: 'rest', s }] }),
  // Handbook 6: cells go on for a quarter of an hour and longer, so stop a little early.
  until: (_, { oily }) =>
    oily
      ? 'Good once the largest cells are as large as a pea: a little early, for they go on.'
      : 'Good once nothing runs any more: a little early, for cells go on.',
  says: () => 'Leave it level and look, without touching it. Cells go on growing.',
});
