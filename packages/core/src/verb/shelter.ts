import { defineVerb } from './define';

export const shelter = defineVerb({
  id: 'shelter',
  title: 'Cover it from dust',
  fields: {},
  usualS: 30,
  each: true,
  onDry: { title: 'Cover', mm: () => 0 },
  says: () =>
    'Run a gloved finger under the edge for drips, then put a box over it that touches nothing, on level ground.',
  ready: () => 'A box or a frame that covers it and touches nothing.',
});
