import type { PotAmount, PotUse } from '@potter/core/budget';

/** What is set aside, by its use. */
export const POT_WORDS: Readonly<Record<PotAmount['use'], string>> = {
  colour: 'Colours, for the cups',
  base: 'Base coat',
  activator: 'Activator',
  edge: 'Edges',
  extender: 'Extender',
  keep: 'Kept for repairs',
  dots: 'Dots on the dry coat',
};

export const POT_USES: readonly PotUse[] = [
  'base',
  'edge',
  'activator',
  'extender',
  'keep',
  'dots',
];
