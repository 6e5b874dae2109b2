import { TURNED_OVER } from '../cup/outlets';
import { placeWords } from './place';
import { defineVerb } from './verb';

/** How far a hand strays while it lifts, mm (tuned). */
const STRAY_MM = 4;

/** How long a lifted cup takes to let its paint go: slower for more of it and for thicker (one tuned coefficient). */
const emptiesS = (ml: number, nu: number): number =>
  Math.min(40, Math.max(3, 7.5 * Math.sqrt((nu / 9e-4) * (ml / 80))));

export const flip = defineVerb({
  verb: 'flip',
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
  each: true,
  care: [],
  says: (move, { cupName, widthMm, heightMm }) =>
    `Turn ${cupName(move.cup)} over on ${placeWords(move.atMm, widthMm, heightMm)}` +
    (move.restS ? `, let it stand ${move.restS} s, then lift it slowly.` : ' and lift it slowly.'),
  flows: ({ cup: id, atMm, restS }, { cup, nu }) => {
    const loaded = cup(id);
    const ml = loaded?.layers.reduce((sum, l) => sum + l.ml, 0) ?? 0;
    if (!loaded || ml <= 0) return [];
    const rim = loaded.vessel.topMm / 2;
    return [
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
        strayMm: STRAY_MM,
        s: emptiesS(ml, nu),
        core: true,
        strata: loaded.layers,
        stir: loaded.stir,
        outlet: TURNED_OVER,
        lamination: 'rings',
      },
    ];
  },
  takes: (move, { cup }) => [{ cup: move.cup, ...cup(move.cup) }],
});
