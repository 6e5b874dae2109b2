import type { Move } from '../verb';
import { defineTechnique } from './define';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const straightPour = defineTechnique({
  id: 'straight-pour',
  name: 'Straight pour',
  says: 'Layered cups are poured in one place, one after the other: what comes later pushes outward what came before. Higher makes more cells.',
  shows:
    'Bands of colour pushed outward round one place, the last poured in the middle, stretched by the tilt.',
  sights: ['rings', 'cells'],
  minds: [
    'Stay in one place: a stream that wanders leaves a comma, not rings.',
    'A heavy last colour sinks through the cup and arrives at the very end, as a small focus.',
  ],
  needs: STRETCH_NEEDS,
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'The background goes in first and comes out last; the strongest contrast goes in last and is pushed outward by all the rest.',
  },
  settings: {
    heightMm: { kind: 'number', label: 'Height', min: 5, max: 1000, unit: 'mm' },
    ...STRETCH_SETTINGS,
  },
  defaults: { heightMm: 60, ...STRETCH_USUAL },
  moves: (stage, { heightMm, torch, angleDeg, by }) => {
    const pour: Move = {
      id: 'pour',
      verb: 'pour',
      cups: [...stage.cups],
      atMm: [...stage.middle],
      heightMm,
      s: 20 * stage.cups.length,
    };
    return stretch(stage, [pour], { torch, angleDeg, by });
  },
});
