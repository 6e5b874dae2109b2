import { trim } from '../quantity/show';
import type { RemarkDefinition } from './evidence';

export const thirstyGround: RemarkDefinition = {
  id: 'thirsty-ground',
  see: ({ plan, measure, amounts, factors }) => {
    const drinksMm = factors['ground-drinks'];
    if (plan.surface.absorbency !== 'raw') return [];
    const density = amounts.totalMl > 0 ? amounts.totalG / amounts.totalMl : 1.1;
    const drinksG = ((measure.areaCm2 * drinksMm) / 10) * density;
    return [
      {
        severity: 'may',
        about: '/surface/absorbency',
        message: 'Raw ground drinks the first paint, and the picture dries dull and patchy.',
        advice: `It takes about ${trim(drinksG, 0)} g more than reckoned; prime it first.`,
        numbers: { drinksG, drinksMm },
        fix: {
          label: 'Prime it first',
          patch: [{ op: 'replace', path: '/surface/absorbency', value: 'primed' }],
        },
      },
    ];
  },
};
