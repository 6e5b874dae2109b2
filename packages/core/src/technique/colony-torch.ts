import type { Move } from '../verb';
import { defineTechnique } from './define';
import { flips } from './laid';
import { fromMiddle, halfOf, roundAbout } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_USUAL } from './stretch';

export const colonyTorch = defineTechnique({
  id: 'colony-torch',
  name: 'Colony torch',
  says: 'A flip is stretched; then the flame is moved in and out over chosen places to raise groups of cells there, and other parts are left cold.',
  shows: 'Colonies of cells in their places, calm paint between them.',
  sights: ['cells', 'rings'],
  minds: [
    'Halves of one piece develop unequally under the same flame: treat and wait by sector.',
    'Some parts are left unheated on purpose. More can be added, never taken away.',
  ],
  needs: { ...STRETCH_NEEDS, tools: ['A torch, and nothing flammable near'] },
  pins: {
    first: 'palest',
    last: 'palest',
    why: 'Flips often have the same white first and last: it frames the picture and closes it in the middle.',
  },
  settings: {
    places: { kind: 'number', label: 'Places', min: 1, max: 12 },
    widthMm: { kind: 'number', label: 'Each as wide as', min: 20, max: 400, unit: 'mm' },
    waitS: { kind: 'number', label: 'Wait between places', min: 0, max: 1800, unit: 's' },
    angleDeg: { kind: 'number', label: 'Tilt', min: 2, max: 30, unit: 'deg' },
  },
  defaults: { places: 3, widthMm: 110, waitS: 120, angleDeg: STRETCH_USUAL.angleDeg },
  moves: (stage, { places, widthMm, waitS, angleDeg }) =>
    stretch(
      stage,
      flips(stage, 60),
      { torch: 'none', angleDeg, by: 'tilts' },
      roundAbout(Math.round(places), -90).flatMap((deg, i): Move[] => [
        {
          id: `torch-${i + 1}`,
          verb: 'torch',
          atMm: fromMiddle(stage, deg, 0.5 * halfOf(stage)),
          widthMm,
          s: 8,
        },
        ...(waitS > 0 ? [{ id: `wait-${i + 1}`, verb: 'rest' as const, s: waitS }] : []),
      ]),
    ),
});
