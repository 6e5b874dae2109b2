import { TURNED_OVER } from '../cup/outlets';
import { defineVerb } from './define';
import { turnedOver } from './empties';
import { placeWords } from './place';
import { meanNu } from './thickness';

/** How long a lifted cup takes to let its paint go: slower for more of it and for thicker. Stated for 80 mL of medium paint. */
const emptiesS = (ml: number, nu: number, statedS: number): number =>
  Math.min(40, Math.max(3, statedS * Math.sqrt((nu / 9e-4) * (ml / 80))));

export const flip = defineVerb({
  id: 'flip',
  title: 'Flip',
  fields: {
    cup: { kind: 'cup', label: 'Cup' },
    atMm: { kind: 'point', label: 'Where' },
    restS: {
      kind: 'number',
      label: 'Stand before lifting',
      min: 0,
      max: 3600,
      unit: 's',
      optional: true,
    },
  },
  usualS: 30,
  paced: 'volume',
  each: true,
  standsS: ({ restS = 0 }) => restS,
  says: (move, { cupName, widthMm, heightMm }) =>
    `Turn ${cupName(move.cup)} over on ${placeWords(move.atMm, widthMm, heightMm)}` +
    (move.restS ? `, let it stand ${move.restS} s, then lift it slowly.` : ' and lift it slowly.'),
  does: ({ cup, atMm, restS, s, own }, { inCup, mouthMm, nuOf, factors }) => {
    const held = inCup(cup);
    if (!held || held.ml <= 0) return {};
    const rim = mouthMm(cup) / 2;
    return {
      acts: [
        ...(restS ? [{ kind: 'rest' as const, s: restS }] : []),
        {
          kind: 'stream',
          pathMm: [atMm],
          // The mouth stands on the surface until little is left, then the last of it falls in the middle.
          radiusMm: [
            { at: 0, mm: rim },
            { at: 0.4, mm: rim },
            { at: 1, mm: rim / 5 },
          ],
          strayMm: factors['lift-strays'],
          s: own ? s : emptiesS(held.ml, meanNu(held.strata, nuOf), factors['cup-lets-go']),
          core: true,
          strata: held.strata,
          stir: held.stir,
          outlet: TURNED_OVER,
          lamination: 'rings',
        },
      ],
      takes: [{ cup, ml: held.ml, g: held.g }],
    };
  },
  empties: turnedOver,
  marks: ({ cup, atMm }, { mouthMm }) => [{ kind: 'disc', atMm, rMm: mouthMm(cup) / 2 }],
  label: ({ cup }, { cupName }) => cupName(cup),
});
