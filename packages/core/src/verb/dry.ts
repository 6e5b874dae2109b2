import { defineVerb } from './define';

const WORDS = {
  touch: 'Dry to the touch, level and covered from dust.',
  clean: 'Dry until the oil can be wiped off.',
  coat: 'Dry until it can take a top coat.',
  cured: 'Leave it to cure right through.',
} as const;

/** Not timed: it takes days, and the schedule says when. */
export const dry = defineVerb({
  id: 'dry',
  title: 'Dry',
  fields: {
    until: {
      kind: 'choice',
      label: 'Until',
      of: ['touch', 'clean', 'coat', 'cured'],
      names: { touch: 'Dry to touch', clean: 'Fit to clean', coat: 'Fit to coat', cured: 'Cured' },
    },
  },
  each: false,
  setsFilm: true,
  dries: ({ until }) => until,
  says: (move) => WORDS[move.until],
});
