import type { Move } from '../verb';
import { defineTechnique } from './define';
import { fromMiddle, halfOf, roundAbout } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const balloonKiss = defineTechnique({
  id: 'balloon-kiss',
  name: 'Balloon kiss',
  says: 'A straight pour is stretched and left until it begins to set; then a balloon is pressed on it, place by place, and lifted.',
  shows:
    'Round eyes with a bright rim, the lower colours showing in them. Also a rescue for a dull pour.',
  sights: ['rings', 'fields'],
  minds: [
    'Too early and the mark closes again, too late and it tears: 15 to 20 min.',
    'A fresh spot each time: pressing twice in one place smears.',
  ],
  needs: { ...STRETCH_NEEDS, tools: ['A small balloon, and a cloth to wipe it'] },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'What lies lowest shows in the marks.',
  },
  settings: {
    kisses: { kind: 'number', label: 'Kisses', min: 1, max: 24 },
    widthMm: { kind: 'number', label: 'Touches as wide as', min: 10, max: 150, unit: 'mm' },
    // Handbook 6: at 15 to 20 min, when the film begins to set (common practice, no published source).
    waitS: { kind: 'number', label: 'Wait before', min: 0, max: 3600, unit: 's' },
    ...STRETCH_SETTINGS,
  },
  defaults: { kisses: 5, widthMm: 40, waitS: 1020, ...STRETCH_USUAL, torch: 'none' },
  moves: (stage, { kisses, widthMm, waitS, torch, angleDeg, by }) => {
    const ring = 0.5 * halfOf(stage);
    const n = Math.round(kisses);
    const spots =
      n === 1
        ? [fromMiddle(stage, 0, 0)]
        : roundAbout(n, -90).map((deg) => fromMiddle(stage, deg, ring));
    return stretch(
      stage,
      [
        {
          id: 'pour',
          verb: 'pour',
          cups: [...stage.cups],
          atMm: [...stage.middle],
          heightMm: 60,
          s: 20 * stage.cups.length,
        },
      ],
      { torch, angleDeg, by },
      [
        { id: 'wait', verb: 'rest', s: waitS },
        ...spots.map((atMm, i): Move => ({
          id: `kiss-${i + 1}`,
          verb: 'press',
          atMm,
          widthMm: Math.round(Math.min(widthMm, 0.6 * halfOf(stage))),
          tool: 'balloon',
          s: 5,
        })),
      ],
    );
  },
});
