import type { Move } from '../verb';
import { defineTechnique } from './define';
import { onFace } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const openCup = defineTechnique({
  id: 'open-cup',
  name: 'Open cup',
  says: 'A bottomless ring, layered where it stands, is slid slowly over the surface, barely lifted; then the paint is stretched.',
  shows: 'A track of bands from the first colour to the last, rounded at both ends.',
  sights: ['ribbons', 'rings'],
  minds: [
    'Lifted high it dumps all of it at once.',
    'Hold it down while it is filled: what creeps out under it is lost to the track.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    consistency: 'flowing',
    vessel: 'ring',
    tools: ['A bottomless ring for each cup'],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'What goes in first leaves first: the strongest contrast begins the track, the background ends it.',
  },
  settings: {
    trackMm: { kind: 'number', label: 'Track as long as', min: 20, max: 1500, unit: 'mm' },
    gapMm: { kind: 'number', label: 'Lifted by', min: 0.5, max: 40, unit: 'mm' },
    ...STRETCH_SETTINGS,
  },
  defaults: { trackMm: 180, gapMm: 2, ...STRETCH_USUAL },
  moves: (stage, { trackMm, gapMm, torch, angleDeg, by }) =>
    stretch(
      stage,
      stage.cups.map((cup, i): Move => {
        const [x, y] = stage.spots[i]!;
        const half = Math.min(trackMm, 0.5 * stage.widthMm) / 2;
        const [fromMm, toMm] = onFace(stage, [x - half, y], [x + half, y]);
        return {
          id: `slide-${cup}`,
          verb: 'slide',
          cup,
          way: {
            kind: 'line',
            fromMm,
            toMm,
          },
          stands: 'open',
          gapMm,
          s: 30,
        };
      }),
      { torch, angleDeg, by },
    ),
});
