import { defineTechnique } from './define';
import { tilts, unstretched } from './stretch';
import { bands, SWIPE_SETTINGS, SWIPE_USES, SWIPE_USUAL, swipes } from './swipe-strokes';

export const swipe = defineTechnique({
  id: 'swipe',
  name: 'Swipe',
  says: 'Bands of colour are laid with a gap left for the activator, tilted thin, and a sheet is drawn over all of them with only its own weight.',
  shows:
    'A net of cells graded in size along the stroke, the colours of the bands shining through.',
  sights: ['cells', 'lace'],
  minds: [
    'Tilt the bands thin before the stroke: over a thick film the sheet only pushes.',
    'Lay the sheet with contact, pull it slowly by its own weight, and wipe it each time.',
    'The last band is mostly pushed off, so it is a small one.',
    'No oil in base, activator or swipe colour.',
  ],
  needs: {
    part: 0.6,
    consistency: 'medium',
    uses: SWIPE_USES,
    loading: 'single',
    cups: { least: 2 },
    tools: ['A sheet or a damp towel as wide as the bands'],
  },
  pins: {
    first: 'contrast',
    last: 'background',
    why: 'The first band lies right under the activator and shows through it; the last is mostly pushed off.',
  },
  settings: {
    ...SWIPE_SETTINGS,
    angleDeg: { kind: 'number', label: 'Tilt the bands', min: 0, max: 30, unit: 'deg' },
    waitS: { kind: 'number', label: 'Let the bands run for', min: 0, max: 300, unit: 's' },
  },
  defaults: { ...SWIPE_USUAL, angleDeg: 5, waitS: 30 },
  moves: (stage, { waitS, angleDeg, ...wishes }) =>
    unstretched(stage, [
      ...bands(stage),
      ...(angleDeg > 0 ? tilts(stage, angleDeg) : []),
      ...(waitS > 0
        ? [
            {
              id: 'run',
              verb: 'rest' as const,
              s: waitS,
              note: 'Until the run slows; fill the gaps.',
            },
          ]
        : []),
      ...swipes(stage, wishes),
    ]),
});
