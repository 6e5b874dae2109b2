import { defineVerb } from './verb';

const WORDS = {
  touch: 'Dry to the touch, level and covered from dust.',
  clean: 'Dry until the oil can be wiped off.',
  coat: 'Dry until it can take a top coat.',
  cured: 'Leave it to cure right through.',
} as const;

export const dry = defineVerb({
  verb: 'dry',
  title: 'Dry',
  fields: { until: { kind: 'choice', label: 'Until', of: ['touch', 'clean', 'coat', 'cured'] } },
  // Days, not seconds: the schedule says when.
  usualS: 0,
  each: false,
  setsFilm: true,
  care: [],
  says: (move) => WORDS[move.until],
});
