import { defineVerb } from './define';

/** What of a film comes up with the piece: it parts in the middle (common practice, no published source). */
const USUAL_PERCENT = 50;

export const dip = defineVerb({
  id: 'dip',
  title: 'Dip and lift',
  fields: {
    keepsPercent: {
      kind: 'number',
      label: 'Comes up with it, %',
      min: 20,
      max: 80,
      usual: USUAL_PERCENT,
    },
  },
  usualS: 5,
  holds: () => 'the piece, face down',
  handsFull: true,
  each: true,
  does: ({ s, keepsPercent }, { factors }) => ({
    acts: [{ kind: 'dip', s, keeps: keepsPercent / 100, presses: factors['dip-presses'] }],
  }),
  says: () =>
    'Lay the piece face down on the puddle and press until paint shows all round the rim. Lift it slowly, one edge first: what was deep in the film shows now, mirrored, and the rest stays on the sheet.',
  spoils: () => 'dips it a second time: what is pressed twice smears',
  ready: () => 'A smooth sheet, larger than the piece, for the puddle.',
});
