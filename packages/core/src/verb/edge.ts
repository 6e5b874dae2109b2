import { defineVerb } from './verb';

/** Width of the strip along the outline that is wetted on the face, mm (common practice, no published source). */
const BAND_MM = 20;

export const edge = defineVerb({
  verb: 'edge',
  title: 'Wet the edges',
  fields: {
    mix: { kind: 'mix', label: 'Mix' },
    filmMm: { kind: 'number', label: 'Film', min: 0.05, max: 5, unit: 'mm', usual: 0.3 },
  },
  usualS: 90,
  each: true,
  care: [],
  says: (move, scene) =>
    `Wet the corners, the sides and two fingers’ width of the face with ${scene.mixName(move.mix)}: paint runs over a wet edge and leaves nothing bare.`,
  takes: (move, { outlineMm, edgeCm2, densityOf }) => {
    const ml = ((outlineMm * BAND_MM) / 100 + edgeCm2) * (move.filmMm / 10);
    return [{ use: 'edge', mix: move.mix, ml, g: ml * densityOf(move.mix) }];
  },
  flows: ({ mix, filmMm }) => [{ kind: 'overlay', mix, filmMm, bandMm: BAND_MM }],
});
