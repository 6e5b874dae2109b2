import { defineVerb } from './define';

export const edge = defineVerb({
  id: 'edge',
  title: 'Wet the edges',
  fields: {
    mix: { kind: 'mix', label: 'Mix', use: 'edge' },
    filmMm: { kind: 'number', label: 'Film', min: 0.05, max: 5, unit: 'mm', usual: 0.3 },
  },
  usualS: 90,
  each: true,
  says: (move, scene) =>
    `Wet the corners, the sides and two fingers’ width of the face with ${scene.mixName(move.mix)}: paint runs over a wet edge and leaves nothing bare.`,
  does: ({ mix, filmMm }, { outlineMm, edgeCm2, densityOf, factors }) => {
    const bandMm = factors['edge-band'];
    const ml = ((outlineMm * bandMm) / 100 + edgeCm2) * (filmMm / 10);
    return {
      acts: [{ kind: 'overlay', mix, filmMm, bandMm }],
      takes: [{ use: 'edge', mix, ml, g: ml * densityOf(mix) }],
    };
  },
});
