import { defineTechnique } from './define';
import { puddles } from './laid';
import { stretch, STRETCH_NEEDS, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const puddlePour = defineTechnique({
  id: 'puddle-pour',
  name: 'Puddle pour',
  says: 'Each colour is laid as a puddle of its own, close to the surface; then the paint is stretched.',
  shows: 'Broad fields of clear colour with calm borders: most control over which colours meet.',
  sights: ['fields'],
  minds: [
    'Lay puddles that are to meet next to each other: what lies between two keeps them apart.',
    'Colours get forgotten: tick each as it is laid.',
  ],
  needs: { ...STRETCH_NEEDS, loading: 'single' },
  pins: {
    first: 'background',
    last: 'contrast',
    why: 'The background is laid first; the strongest contrast comes last, where it is wanted.',
  },
  settings: STRETCH_SETTINGS,
  defaults: STRETCH_USUAL,
  moves: (stage, wishes) => stretch(stage, puddles(stage, stage.cups), wishes),
});
