import { defineVerb } from './verb';

export const torch = defineVerb({
  verb: 'torch',
  title: 'Torch',
  fields: {},
  usualS: 8,
  each: true,
  care: ['open-flame'],
  // Heat opens cells; the film only goes on levelling meanwhile.
  flows: ({ s }) => [{ kind: 'rest', s }],
  says: () =>
    'One quick pass of the flame, high and always moving. More can be added, never taken away.',
});
