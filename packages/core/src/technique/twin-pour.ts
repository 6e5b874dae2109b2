import type { Move } from '../verb';
import { defineTechnique } from './define';
import { halfOf, onFace } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const twinPour = defineTechnique({
  id: 'twin-pour',
  name: 'Twin pour',
  says: 'Two cups, loaded in opposite order, are poured side by side at the same time, corner to corner; then the paint is stretched.',
  shows:
    'Two streams that run along each other, mirrored, and never show the same colour to each other.',
  sights: ['ribbons', 'rings'],
  minds: [
    'Keep both lips level with each other and the same way apart all along.',
    'Loaded alike, the same colours would face each other and the seam would vanish into them.',
  ],
  needs: { ...STRETCH_NEEDS, cups: { least: 2, most: 2 }, opposite: true },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'One begins where the other ends, so the same colours never face each other.',
  },
  settings: {
    apartMm: { kind: 'number', label: 'Streams are apart', min: 10, max: 200, unit: 'mm' },
    ...STRETCH_SETTINGS,
  },
  defaults: { apartMm: 46, ...STRETCH_USUAL },
  moves: (stage, { apartMm, torch, angleDeg, by }) => {
    const [x, y] = stage.middle;
    const reach = 0.55 * halfOf(stage);
    const [dx, dy] = [Math.SQRT1_2 * reach, Math.SQRT1_2 * reach];
    const aside = (Math.SQRT1_2 * Math.min(apartMm, reach)) / 2;
    const pours = stage.cups.map((cup, i): Move => {
      const side = i % 2 === 0 ? -aside : aside;
      const [fromMm, toMm] = onFace(
        stage,
        [x - dx - side, y - dy + side],
        [x + dx - side, y + dy + side],
      );
      return {
        id: `twin-${cup}`,
        verb: 'trail',
        cups: [cup],
        way: {
          kind: 'line',
          fromMm,
          toMm,
        },
        heightMm: 40,
        s: 20,
        ...(i > 0 ? { with: `twin-${stage.cups[0]!}` } : {}),
      };
    });
    return stretch(stage, pours, { torch, angleDeg, by });
  },
});
