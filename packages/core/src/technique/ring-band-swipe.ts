import type { Move } from '../verb';
import { defineTechnique } from './define';
import { activated } from './laid';
import { fromMiddle, halfOf, parts, roundAbout } from './place';
import { unstretched } from './stretch';
import { SWIPE_USES } from './swipe-strokes';

export const ringBandSwipe = defineTechnique({
  id: 'ring-band-swipe',
  name: 'Ring-band swipe',
  says: 'Circles of colour are laid round a dark disc, and short damp strokes go outward over them, with activator on the end of the strip.',
  shows: 'An eye: rays of fine cells all round a dark middle.',
  sights: ['petals', 'cells'],
  minds: [
    'No base under it: an even height keeps the middle from standing up.',
    'Short strokes, a clean damp strip for each.',
  ],
  needs: {
    part: 0.8,
    consistency: 'medium',
    uses: [SWIPE_USES[1], SWIPE_USES[2]],
    loading: 'single',
    cups: { least: 2 },
    tools: ['Damp strips, one for each stroke'],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'The first cup is the disc in the middle; rings follow outward, the background last.',
  },
  settings: {
    strokes: { kind: 'number', label: 'Strokes all round', min: 3, max: 36 },
  },
  defaults: { strokes: 12 },
  moves: (stage, { strokes }) => {
    const [disc, ...rings] = stage.cups;
    const half = halfOf(stage);
    const at = parts(rings.length, 0.22, 0.85);
    const atMm = fromMiddle(stage, 0, 0);
    const directions = roundAbout(Math.round(strokes));
    const inner = 0.2 * half;
    return unstretched(stage, [
      ...(disc === undefined
        ? []
        : [{ id: 'disc', verb: 'pour' as const, cups: [disc], atMm, heightMm: 15, s: 8 }]),
      ...rings.map((cup, i): Move => ({
        id: `ring-${cup}`,
        verb: 'trail',
        cups: [cup],
        way: { kind: 'ring', centreMm: atMm, radiusMm: Math.round(at[i]! * half), turns: 1 },
        heightMm: 25,
        s: 10,
      })),
      ...activated(
        stage,
        { kind: 'ring', centreMm: atMm, radiusMm: Math.round(inner), turns: 1 },
        10,
        10,
      ),
      ...directions.map((deg, i): Move => ({
        id: `stroke-${i + 1}`,
        verb: 'swipe',
        fromMm: fromMiddle(stage, deg, 0.7 * inner),
        towardDeg: deg,
        lengthMm: Math.round(0.75 * half),
        widthMm: Math.max(10, Math.round((1.4 * Math.PI * inner) / directions.length + 12)),
        tool: 'towel',
        s: 4,
      })),
    ]);
  },
});
