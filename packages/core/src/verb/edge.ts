import { wetEdgeCm2 } from '../budget/budget';
import { defineVerb } from './define';

export const edge = defineVerb({
  id: 'edge',
  title: 'Wet the edges',
  fields: {
    mix: { kind: 'mix', label: 'Mix', use: 'edge' },
    /** Absent: all that is set aside for them. */
    filmMm: { kind: 'number', label: 'Film', min: 0.05, max: 5, unit: 'mm', optional: true },
  },
  usualS: 90,
  each: true,
  draws: 'edge',
  says: (move, scene) =>
    `Wet the ${scene.corners ? 'corners, the ' : ''}sides and two fingers’ width of the face${scene.corners ? '' : ' all round'} with ${scene.mixName(move.mix)}: paint runs over a wet edge and leaves nothing bare.`,
  does: ({ mix, filmMm }, { outlineMm, edgeCm2, densityOf, factors, inPot }) => {
    const cm2 = wetEdgeCm2({ outlineMm, edgeCm2, pieces: 1 }, factors);
    const ml = filmMm === undefined ? inPot('edge', mix) : (cm2 * filmMm) / 10;
    if (ml <= 0) return {};
    return {
      acts: [
        {
          kind: 'overlay',
          mix,
          filmMm: (ml / cm2) * 10,
          bandMm: factors['edge-band'],
          sidesCm2: edgeCm2,
        },
      ],
      takes: [{ use: 'edge', mix, ml, g: ml * densityOf(mix) }],
    };
  },
});
