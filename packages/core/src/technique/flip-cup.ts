import type { Move } from '../verb';
import { defineTechnique } from './define';
import { stretch } from './stretch';

export const flipCup = defineTechnique({
  id: 'flip-cup',
  name: 'Flip cup',
  says: 'A layered cup is turned over on the surface, rests and is lifted; then the paint is stretched by tilting.',
  shows:
    'Nested rings and lobes round each cup, drawn into ovals by the tilt; cells where paints differ in weight.',
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
    first: 'palest',
    last: 'palest',
    why: 'Flips often have the same white first and last: it frames the picture and closes it in the middle.',
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
