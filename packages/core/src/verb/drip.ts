import { outletOf } from '../cup/outlets';
import { pathWords, strokesOf } from '../surface/path';
import { defineVerb } from './define';
import { pouredThrough } from './empties';
import { spotsOn } from './spots-on';

export const drip = defineVerb({
  id: 'drip',
  title: 'Drops',
  fields: {
    cup: { kind: 'cup', label: 'Cup' },
    way: { kind: 'path', label: 'Way', usual: 'line' },
    apartMm: {
      kind: 'number',
      label: 'Drops are apart',
      min: 2,
      max: 500,
      unit: 'mm',
      usual: 25,
      grows: 'length',
    },
    ml: { kind: 'number', label: 'A drop holds, mL', min: 0.02, max: 20, usual: 0.3 },
  },
  usualS: 20,
  each: true,
  says: ({ cup, way, apartMm, ml }, { cupName }) =>
    `Let drops of about ${ml} mL fall from ${cupName(cup)}, ${Math.round(apartMm)} mm apart, ${pathWords(way)}.`,
  does: ({ cup, way, apartMm, ml }, { inCup, outletOf: outletIn }) => {
    const held = inCup(cup);
    if (!held || held.ml <= 0) return {};
    const spotsMm = spotsOn(strokesOf(way), apartMm);
    const drops = Math.min(held.ml, ml * spotsMm.length);
    const share = drops / held.ml;
    return {
      acts: [
        {
          kind: 'drop',
          spotsMm,
          strata: held.strata.map((layer) => ({ ...layer, ml: layer.ml * share })),
          stir: held.stir,
          outlet: outletOf(outletIn(cup)),
          lamination: 'rings',
        },
      ],
      takes: [{ cup, ml: drops, g: held.g * share }],
    };
  },
  empties: pouredThrough,
  marks: ({ way, apartMm }) =>
    spotsOn(strokesOf(way), apartMm).map((atMm) => ({ kind: 'disc' as const, atMm, rMm: 3 })),
});
