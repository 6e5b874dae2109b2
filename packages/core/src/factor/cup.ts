import type { FactorDefinition } from './define';

/** What paints do to each other in a cup. */
export const CUP = [
  {
    id: 'sinks-from',
    says: 'paints count as equally heavy up to a difference of',
    unit: 'g/mL',
    usual: 0.02,
    least: 0,
    most: 0.5,
    source: 'science-colour, 6; an estimate',
    taughtBy: 'cups that stood, and which colour came out last',
  },
  {
    id: 'sinks-through-from',
    says: 'the heavier goes right through from a difference of',
    unit: 'g/mL',
    usual: 0.06,
    least: 0.001,
    most: 1,
    source: 'science-colour, 6; an estimate',
    taughtBy: 'cups that stood, and which colour came out last',
  },
  {
    id: 'sunk-at-most',
    says: 'of a layer that sinks, on the floor by the time it is poured',
    unit: 'share',
    usual: 0.3,
    least: 0,
    most: 1,
    source: 'tuned against the shown order of a flip',
    taughtBy: 'the focus in the middle of a flip against the preview',
  },
] as const satisfies readonly FactorDefinition[];
