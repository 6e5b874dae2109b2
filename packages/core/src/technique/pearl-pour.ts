import { defineTechnique } from './define';
import { activated, puddles } from './laid';
import { halfOf } from './place';
import { KEEP, stretch, STRETCH_SETTINGS, STRETCH_USUAL } from './stretch';

export const pearlPour = defineTechnique({
  id: 'pearl-pour',
  name: 'Pearl pour',
  says: 'Thick metallics are laid as puddles, a thin dump colour is poured over them; then it is tilted and left to open.',
  shows: 'Pearls of metal that come up through a thin colour, with fine lines round them.',
  sights: ['cells', 'lace'],
  minds: [
    'More under-colour gives more pearls; too much dump hides them, a thinner one gives finer lines.',
    'Too thin a dump is mended with grams of paint.',
    'An under-colour along the edge gives lace down the sides, not round cells.',
  ],
  needs: {
    part: 0.9,
    consistency: 'thick',
    uses: [
      {
        use: 'activator',
        school: 'dump',
        overBase: { share: 0.3 },
        inAll: { share: 0.25 },
        off: {
          much: 'So much dump colour hides the pearls under it.',
          little: 'So little dump colour does not cover the metal: few pearls open.',
        },
      },
      KEEP,
    ],
    loading: 'single',
    cups: { least: 1 },
    tools: [],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'Metallics lie under; the dump colour is made of the background and comes last, over all of them.',
  },
  settings: {
    waitS: { kind: 'number', label: 'Wait before the torch', min: 0, max: 3600, unit: 's' },
    ...STRETCH_SETTINGS,
  },
  // Handbook 6: tilt, wait 15 min (common practice, no published source).
  defaults: { waitS: 900, ...STRETCH_USUAL, torch: 'none' },
  moves: (stage, { waitS, torch, angleDeg, by }) => {
    return stretch(
      stage,
      [
        ...puddles(stage, stage.cups),
        ...activated(
          stage,
          {
            kind: 'spiral',
            centreMm: [...stage.middle],
            fromRadiusMm: 5,
            toRadiusMm: Math.round(0.7 * halfOf(stage)),
            turns: 4,
          },
          24,
          20,
        ),
      ],
      { torch, angleDeg, by },
      waitS > 0 ? [{ id: 'wait', verb: 'rest', s: waitS }] : [],
    );
  },
});
