import type { FactorDefinition } from './define';

/** What mixes bear. */
export const MIX = [
  {
    id: 'water-noted-from',
    says: 'water in the whole mix from which it is worth a word',
    unit: 'share',
    usual: 0.25,
    least: 0.02,
    most: 0.9,
    source: 'an estimate; makers’ cautions differ',
    taughtBy: 'films that crazed, by the water in their mixes',
  },
  {
    id: 'water-crazes-from',
    says: 'water in the whole mix from which a film may craze and flake',
    unit: 'share',
    usual: 0.35,
    least: 0.02,
    most: 0.95,
    source: 'an estimate; makers’ cautions differ',
    taughtBy: 'films that crazed, by the water in their mixes',
  },
  {
    id: 'fill-slack',
    says: 'too much in a cup that nobody sees',
    unit: 'mL',
    usual: 0.5,
    least: 0,
    most: 50,
    source: 'judgement: a fill by eye',
    taughtBy: 'cups that ran over',
  },
] as const satisfies readonly FactorDefinition[];
