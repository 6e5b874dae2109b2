import { defineVerb } from './define';

const TOOLS = {
  flame: {
    holds: 'the torch',
    says: 'Pass a flame once over the whole coat, high and always moving',
  },
  'warm air': { holds: 'the hot air', says: 'Pass warm air once over the whole coat, from far' },
  pin: { holds: 'a pin', says: 'Prick every bubble with a pin' },
} as const;

export const pop = defineVerb({
  id: 'pop',
  title: 'Pop the bubbles',
  fields: {
    tool: {
      kind: 'choice',
      label: 'With',
      of: Object.keys(TOOLS) as (keyof typeof TOOLS)[],
    },
  },
  usualS: 60,
  each: true,
  onDry: { title: 'Bubbles', mm: () => 0 },
  care: ({ tool }) => (tool === 'flame' ? ['open-flame'] : []),
  holds: ({ tool }) => TOOLS[tool].holds,
  says: ({ tool }) =>
    `${TOOLS[tool].says}; look along it against the light, and once more after ten minutes.`,
  wants: ({ tool }) => (tool === 'flame' ? 'torch' : undefined),
});
