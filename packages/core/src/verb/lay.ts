import { defineVerb } from './verb';

export const lay = defineVerb({
  verb: 'lay',
  title: 'Lay base',
  fields: {
    mix: { kind: 'mix', label: 'Mix' },
    filmMm: { kind: 'number', label: 'Film', min: 0.05, max: 10, unit: 'mm', usual: 1 },
  },
  usualS: 120,
  each: true,
  care: [],
  flows: ({ mix, filmMm }) => [{ kind: 'overlay', mix, filmMm }],
  says: (move, scene) =>
    `Spread ${scene.mixName(move.mix)} over the whole face and edges, about ${move.filmMm} mm thick.`,
  takes: (move, { areaCm2, densityOf }) => {
    const ml = (areaCm2 * move.filmMm) / 10;
    return [{ use: 'base', mix: move.mix, ml, g: ml * densityOf(move.mix) }];
  },
});
