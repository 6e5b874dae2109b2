import type { Path } from '../surface/path';
import type { Move } from '../verb';
import { defineTechnique, type Stage } from './define';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

/** Of the width, how long a drag is where no stroke of a letter says so. */
const DRAG_SHARE = 0.3;

export const draggedFlip = defineTechnique({
  id: 'dragged-flip',
  name: 'Dragged flips',
  says: 'A cup for each stroke is turned over at its end and drawn along it, barely lifted; one more fills the gaps; then the paint is stretched.',
  shows: 'Bands along every stroke of a letter, or a few bold tracks over a face.',
  sights: ['ribbons', 'rings'],
  minds: [
    'People run dry on letters: curves and bars are hard to reach, so keep the cup for the gaps to the end.',
    'Draw slowly: what is left under the cup at the end falls there.',
  ],
  needs: STRETCH_NEEDS,
  pins: {
    first: 'palest',
    last: 'palest',
    why: 'Flips often have the same white first and last: it frames the track and closes it.',
  },
  settings: STRETCH_SETTINGS,
  defaults: { ...STRETCH_USUAL, angleDeg: 6 },
  moves: (stage, wishes) =>
    stretch(
      stage,
      stage.cups.map((cup, i): Move => ({
        id: `drag-${cup}`,
        verb: 'slide',
        cup,
        way: wayOf(stage, i),
        stands: 'over',
        gapMm: 3,
        s: 20,
      })),
      wishes,
    ),
});

/** Along the stroke a cup is made for; else a line through its spot. */
function wayOf({ strokes, spots, widthMm }: Stage, i: number): Path {
  const stroke = strokes[i];
  if (stroke)
    return {
      kind: 'free',
      pointsMm: stroke.map(([x, y]): [number, number] => [Math.round(x), Math.round(y)]),
    };
  const [x, y] = spots[i]!;
  const half = (DRAG_SHARE * widthMm) / 2;
  return { kind: 'line', fromMm: [Math.round(x - half), y], toMm: [Math.round(x + half), y] };
}
