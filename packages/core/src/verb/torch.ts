import { defineVerb } from './define';

export const torch = defineVerb({
  id: 'torch',
  title: 'Torch',
  fields: {},
  usualS: 8,
  each: true,
  care: () => ['open-flame'],
  // Heat opens cells; the film only goes on levelling meanwhile.
  does: ({ s }) => ({ acts: [{ kind: 'rest', s }] }),
  unseen: () => ['the torch'],
  says: () =>
    'One quick pass of the flame, high and always moving. More can be added, never taken away.',
  ready: () => 'The torch is at hand, and nothing flammable is near.',
});
