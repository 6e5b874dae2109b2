import { defineVerb } from './define';
import { placeWords } from './place';

export const clear = defineVerb({
  id: 'clear',
  title: 'Wipe a place bare',
  fields: {
    atMm: { kind: 'point', label: 'Where' },
    widthMm: {
      kind: 'number',
      label: 'As wide as',
      min: 5,
      max: 500,
      unit: 'mm',
      usual: 40,
      grows: 'length',
    },
  },
  usualS: 20,
  holds: () => 'a damp towel',
  each: true,
  does: ({ atMm, widthMm }, { factors }) => ({
    acts: [{ kind: 'clear', atMm, rMm: widthMm / 2, leaves: factors['cloth-leaves'] }],
  }),
  says: ({ atMm, widthMm }, scene) =>
    `Wipe the film away ${placeWords(atMm, scene.widthMm, scene.heightMm)}, ${Math.round(widthMm / 10)} cm wide, from the rim of the place inward, with a fresh side of a damp towel each time. On a sealed ground no trace is left; a film of more than a millimetre creeps back over it.`,
  ready: () => 'A damp towel.',
  reach: {
    label: 'As wide as',
    of: ({ atMm, widthMm }) => ({ aboutMm: atMm, mm: widthMm / 2, deg: 0 }),
    to: (_, mm) => ({ widthMm: Math.min(500, Math.max(5, 2 * mm)) }),
  },
  marks: ({ atMm, widthMm }) => [{ kind: 'disc', atMm, rMm: widthMm / 2 }],
});
