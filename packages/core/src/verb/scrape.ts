import { defineVerb } from './define';

/** What a knife leaves of what hangs on a side (an estimate: a film as it would stand there, without its drips). */
const USUAL_PERCENT = 20;

export const scrape = defineVerb({
  id: 'scrape',
  title: 'Knife down the rim',
  fields: {
    staysPercent: {
      kind: 'number',
      label: 'Stays on the sides, %',
      min: 0,
      max: 80,
      usual: USUAL_PERCENT,
    },
  },
  usualS: 30,
  holds: () => 'the palette knife',
  each: true,
  does: ({ staysPercent }) => ({ acts: [{ kind: 'scrape', keeps: staysPercent / 100 }] }),
  says: () =>
    'Run the palette knife down the sides, all round, and wipe it each time: what hangs there comes off before it dries to drips and a rim. The face is left alone.',
  ready: () => 'A palette knife, and a damp towel to wipe it on.',
});
