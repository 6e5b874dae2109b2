import { defineVerb } from './define';

export const rest = defineVerb({
  id: 'rest',
  title: 'Rest',
  fields: {},
  usualS: 300,
  each: false,
  waits: true,
  does: ({ s }) => ({ acts: [{ kind: 'rest', s }] }),
  says: () => 'Leave it level and look, without touching it. Cells go on growing.',
});
