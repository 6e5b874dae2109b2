import { defineVerb } from './define';
import { placeWords } from './place';

export const torch = defineVerb({
  id: 'torch',
  title: 'Torch',
  fields: {
    atMm: { kind: 'point', label: 'Only round', optional: true },
    widthMm: {
      kind: 'number',
      label: 'As wide as',
      min: 10,
      max: 1000,
      unit: 'mm',
      usual: 120,
      grows: 'length',
      optional: true,
    },
  },
  usualS: 8,
  each: true,
  care: () => ['open-flame'],
  does: ({ atMm, widthMm = WIDE_MM, s }, { factors }) => ({
    acts: [
      {
        kind: 'heat',
        ...(atMm ? { atMm, rMm: widthMm / 2 } : {}),
        thinsLn: factors['torch-warms'] * factors['thins-warmer'],
        s,
      },
    ],
  }),
  says: ({ atMm }, { widthMm, heightMm }) =>
    `One quick pass of the flame${atMm ? ` over ${placeWords(atMm, widthMm, heightMm)} only` : ''}, high and always moving. More can be added, never taken away.`,
  reach: {
    label: 'As wide as',
    of: ({ atMm, widthMm = WIDE_MM }) =>
      atMm ? { aboutMm: atMm, mm: widthMm / 2, deg: 0 } : undefined,
    to: (_, mm) => ({ widthMm: Math.min(1000, Math.max(10, 2 * mm)) }),
  },
  marks: ({ atMm, widthMm = WIDE_MM }) => (atMm ? [{ kind: 'disc', atMm, rMm: widthMm / 2 }] : []),
  label: () => 'torch',
  holds: () => 'the torch',
  wants: () => 'torch',
  ready: () => 'The torch is at hand, and nothing flammable is near.',
});

/** Where nobody says how wide the flame goes, mm. */
const WIDE_MM = 120;
