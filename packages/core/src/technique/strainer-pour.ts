import type { Move } from '../verb';
import { defineTechnique } from './define';
import { fromMiddle } from './place';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const strainerPour = defineTechnique({
  id: 'strainer',
  name: 'Strainer pour',
  says: 'One layered load runs through several openings at once; then the paint is stretched.',
  shows: 'A flower of nested lobes, as many as there are openings, with thin walls between them.',
  sights: ['petals', 'rings'],
  minds: [
    'Hold it still and level until it is empty: a tilted one runs from one side.',
    'Thin enough to run by itself; what is thick hangs in the holes.',
  ],
  needs: {
    ...STRETCH_NEEDS,
    part: 0.7,
    consistency: 'flowing',
    outlet: { holes: 9, ringMm: 90 },
    tools: ['The strainer, over a cup to load it in'],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'What goes in first leaves first and lies outside in every lobe; the background comes last.',
  },
  settings: STRETCH_SETTINGS,
  defaults: { ...STRETCH_USUAL, torch: 'none', angleDeg: 3 },
  moves: (stage, wishes) =>
    stretch(
      stage,
      stage.cups.map((cup): Move => ({
        id: `strain-${cup}`,
        verb: 'pour',
        cups: [cup],
        atMm: fromMiddle(stage, 0, 0),
        heightMm: 40,
        s: 20,
      })),
      wishes,
    ),
});
