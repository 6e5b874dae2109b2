import { defineVerb } from './define';

export const lay = defineVerb({
  id: 'lay',
  title: 'Lay base',
  fields: {
    mix: { kind: 'mix', label: 'Mix', use: 'base' },
    filmMm: { kind: 'number', label: 'Film', min: 0.05, max: 10, unit: 'mm', usual: 1 },
  },
  usualS: 120,
  each: true,
  says: (move, scene) =>
    `Spread ${scene.mixName(move.mix)} over the whole face and edges, about ${move.filmMm} mm thick.`,
  does: ({ mix, filmMm }, { areaCm2, densityOf }) => {
    const ml = (areaCm2 * filmMm) / 10;
    return {
      acts: [{ kind: 'overlay', mix, filmMm }],
      takes: [{ use: 'base', mix, ml, g: ml * densityOf(mix) }],
    };
  },
});
