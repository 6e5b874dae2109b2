import type { Move } from '../verb';
import { defineTechnique } from './define';
import { stretch } from './stretch';

export const straightPour = defineTechnique({
  id: 'straight-pour',
  name: 'Straight pour',
  says: 'Layered cups are poured in one place, one after the other: what comes later pushes outward what came before. Higher makes more cells.',
  shows:
    'Bands of colour pushed outward round one place, the last poured in the middle, stretched by the tilt.',
  needs: {
    consistency: 'medium',
    uses: [
      { use: 'base', overBase: { filmMm: 1 } },
      // The generous figure holds its own reserve.
      { use: 'keep', overBase: { share: 0.05 } },
    ],
    loading: 'layered',
    cups: { least: 1 },
    tools: [],
  },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'The background goes in first and comes out last; the strongest contrast goes in last and is pushed outward by all the rest.',
  },
  settings: {
    heightMm: { kind: 'number', label: 'Height', min: 5, max: 1000, unit: 'mm' },
    torch: { kind: 'choice', label: 'Torch', of: ['end', 'first', 'none'] },
    angleDeg: { kind: 'number', label: 'Tilt', min: 2, max: 30, unit: 'deg' },
  },
  defaults: { heightMm: 60, torch: 'end', angleDeg: 9 },
  moves: (stage, { heightMm, torch, angleDeg }) => {
    const pour: Move = {
      id: 'pour',
      verb: 'pour',
      cups: [...stage.cups],
      atMm: stage.spots(1)[0]!,
      heightMm,
      s: 20 * stage.cups.length,
    };
    return stretch(stage, [pour], { torch, angleDeg });
  },
});
