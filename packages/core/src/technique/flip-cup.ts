import { defineTechnique } from './define';
import { flips } from './laid';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const flipCup = defineTechnique({
  id: 'flip-cup',
  name: 'Flip cup',
  says: 'A layered cup is turned over on the surface, rests and is lifted; then the paint is stretched.',
  shows:
    'Nested rings and lobes round each cup, drawn into ovals by the tilt; cells where paints differ in weight.',
  sights: ['rings', 'cells'],
  minds: [
    'Lift slowly and straight: a jerk throws the stack to one side.',
    'Go slowly over the corners, and bring the weight back to the middle each time.',
  ],
  needs: STRETCH_NEEDS,
  pins: {
    first: 'palest',
    last: 'palest',
    why: 'Flips often have the same white first and last: it frames the picture and closes it in the middle.',
  },
  settings: {
    restS: { kind: 'number', label: 'Cup stands upside down', min: 0, max: 1800, unit: 's' },
    ...STRETCH_SETTINGS,
  },
  defaults: { restS: 60, ...STRETCH_USUAL },
  moves: (stage, { restS, torch, angleDeg, by }) =>
    stretch(stage, flips(stage, restS), { torch, angleDeg, by }),
});
