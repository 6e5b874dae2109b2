import type { Move } from '../verb';
import { stretch } from './stretch';
import { defineTechnique } from './technique';

export const flipCup = defineTechnique({
  id: 'flip-cup',
  name: 'Flip cup',
  says: 'A layered cup is turned over on the surface, rests and is lifted; then the paint is stretched by tilting.',
  needs: {
    consistency: 'medium',
    baseMm: { otherwise: 1 },
    pots: [{ use: 'keep', share: 0.05 }],
    loading: 'layered',
    sameFirstAndLast: true,
    pins: {
      first: 'palest',
      last: 'palest',
      why: 'Flips often have the same white first and last: it frames the picture and closes it in the middle.',
    },
  },
  settings: {
    restS: { kind: 'number', label: 'Cup stands upside down', min: 0, max: 1800, unit: 's' },
    torch: { kind: 'choice', label: 'Torch', of: ['end', 'first', 'none'] },
    angleDeg: { kind: 'number', label: 'Tilt', min: 2, max: 30, unit: 'deg' },
  },
  defaults: { restS: 60, torch: 'end', angleDeg: 9 },
  moves: (stage, { restS, torch, angleDeg }) => {
    const at = stage.spots(stage.cups.length);
    const flips = stage.cups.map((cup, i): Move => ({
      id: `flip-${cup}`,
      verb: 'flip',
      cup,
      atMm: at[i]!,
      restS,
      s: 20,
    }));
    return stretch(stage, flips, { torch, angleDeg });
  },
});
