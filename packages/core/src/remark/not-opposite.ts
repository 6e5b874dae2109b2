import { chosenTechnique } from '../technique';
import type { RemarkDefinition } from './evidence';

/** Two cups poured side by side that are not loaded in opposite order, where the technique lives by that. */
export const notOpposite: RemarkDefinition = {
  id: 'not-opposite',
  see: ({ plan, cups }) => {
    const [one, other] = cups;
    if (!chosenTechnique(plan).needs.opposite || !one || !other) return [];
    const order = (cup: typeof one) => cup.layers.map((l) => l.mix);
    if (order(other).join() === order(one).reverse().join()) return [];
    const { layers: _, reverseOf: _was, ...bare } = plan.cups[1]!;
    return [
      {
        severity: 'may',
        about: '/cups/1',
        message: 'The two cups are not loaded in opposite order.',
        advice: 'Poured side by side, the same colours face each other, and the seam vanishes.',
        numbers: { cup: 2 },
        fix: {
          label: 'Load cup 2 the other way round',
          patch: [{ op: 'replace', path: '/cups/1', value: { ...bare, reverseOf: one.id } }],
        },
      },
    ];
  },
};
