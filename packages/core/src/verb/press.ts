import { defineVerb } from './define';
import { placeWords } from './place';

/** What stays of the film under what is pressed into it: a balloon gives way, a piece or a cup's foot goes down to the ground. */
const LEAVES = { balloon: 'balloon-leaves', flat: 'flat-leaves' } as const;

export const press = defineVerb({
  id: 'press',
  title: 'Press and lift',
  fields: {
    atMm: { kind: 'point', label: 'Where' },
    widthMm: {
      kind: 'number',
      label: 'Touches as wide as',
      min: 5,
      max: 500,
      unit: 'mm',
      usual: 40,
      grows: 'length',
    },
    tool: {
      kind: 'choice',
      label: 'With',
      of: ['balloon', 'flat'],
      names: { balloon: 'Balloon', flat: 'Something flat' },
    },
  },
  usualS: 5,
  holds: ({ tool }) => (tool === 'balloon' ? 'the balloon' : 'what is pressed, clean'),
  each: true,
  does: ({ atMm, widthMm, tool }, { factors }) => ({
    acts: [{ kind: 'press', atMm, rMm: widthMm / 2, leaves: factors[LEAVES[tool]] }],
  }),
  says: ({ atMm, widthMm, tool }, scene) =>
    `Press ${tool === 'balloon' ? 'the balloon' : 'it flat'} on ${placeWords(atMm, scene.widthMm, scene.heightMm)} until ${Math.round(widthMm / 10)} cm touch, and lift straight up. A fresh spot each time: twice in one place smears.`,
  spoils: (move, earlier) =>
    Math.hypot(move.atMm[0] - earlier.atMm[0], move.atMm[1] - earlier.atMm[1]) <
    (move.widthMm + earlier.widthMm) / 4
      ? 'presses where it was pressed before: twice in one place smears'
      : undefined,
  reach: {
    label: 'Touches as wide as',
    of: ({ atMm, widthMm }) => ({ aboutMm: atMm, mm: widthMm / 2, deg: 0 }),
    to: (_, mm) => ({ widthMm: Math.min(500, Math.max(5, 2 * mm)) }),
  },
  marks: ({ atMm, widthMm }) => [{ kind: 'disc', atMm, rMm: widthMm / 2 }],
});
