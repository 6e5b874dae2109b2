import { defineVerb } from './define';

/** A residue that dries after wiping is so thin, mm (estimate): an hour or so. */
const DAMP_MM = 0.1;

export const wipe = defineVerb({
  id: 'wipe',
  title: 'Wipe the oil off',
  fields: { times: { kind: 'number', label: 'Times', min: 1, max: 9, usual: 2 } },
  usualS: 300,
  each: true,
  takesOilOff: true,
  onDry: { title: 'Oil off', mm: () => DAMP_MM },
  care: () => ['slippery'],
  holds: () => 'clean cloths',
  says: ({ times }) =>
    `Wipe the whole face and the edges ${times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`} with what the finisher of this coat names, each time with a clean cloth. A coat crawls off every spot that is left.`,
  ready: () => 'Clean cloths, and what the finisher names to take oil off.',
});
