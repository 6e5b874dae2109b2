import type { Move } from '../verb';
import { defineTechnique, type Stage } from './define';
import { onFace, parts } from './place';
import { ON_BASE, stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const ribbon = defineTechnique({
  id: 'ribbon',
  name: 'Ribbon',
  says: 'Cups with each colour on a side of its own are moved across in gentle waves; the paint is stretched a little.',
  shows: 'Ribbons in which every colour keeps its side from end to end.',
  sights: ['ribbons'],
  minds: [
    'Hold the cup the same way round all along: a turned wrist turns the ribbon over.',
    'In a tray the thin base must have reached every corner first.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    part: 0.7,
    consistency: 'thick',
    uses: ON_BASE,
    loading: 'split',
  },
  pins: {
    first: 'background',
    last: 'background',
    why: 'The background on both flanks covers each ribbon along its edges.',
  },
  settings: {
    swingMm: { kind: 'number', label: 'Swing to each side', min: 0, max: 200, unit: 'mm' },
    ...STRETCH_SETTINGS,
  },
  defaults: { swingMm: 24, ...STRETCH_USUAL, torch: 'none', angleDeg: 5 },
  moves: (stage, { swingMm, torch, angleDeg, by }) => {
    const { widthMm, heightMm, cups } = stage;
    const rows = parts(cups.length, 0.1, 0.9).map((share) => Math.round(share * heightMm));
    return stretch(
      stage,
      cups.map((cup, i): Move => ({
        id: `ribbon-${cup}`,
        verb: 'trail',
        cups: [cup],
        way: {
          kind: 'wiggle',
          ...ends(stage, rows[i]!),
          swingMm: Math.round(Math.min(swingMm, (0.3 * heightMm) / cups.length)),
          waveMm: Math.max(20, Math.round(widthMm / 4)),
        },
        heightMm: 30,
        s: 20,
      })),
      { torch, angleDeg, by },
    );
  },
});

/** From side to side at a height, clear of both edges. */
function ends(stage: Stage, y: number): { fromMm: [number, number]; toMm: [number, number] } {
  const [fromMm, toMm] = onFace(stage, [0.08 * stage.widthMm, y], [0.92 * stage.widthMm, y]);
  return { fromMm, toMm };
}
