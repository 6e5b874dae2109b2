import type { Primitive } from '../flow/primitive';
import { placeWords } from './place';
import { defineVerb } from './verb';

/** How fast a cup is poured, mL/s at 1 Pa·s; thicker paint runs slower (tuned). */
const RATE_ML_PER_S = 10;
/** The stream where it lands: this wide from close by, thinner the higher it falls (tuned). */
const WIDE_MM = 9;
const THIN_MM = 5;
const HIGH_MM = 300;
const STRAY_MM = 3;

export const pour = defineVerb({
  verb: 'pour',
  title: 'Pour',
  fields: {
    cups: { kind: 'cups', label: 'Cups, one after the other' },
    atMm: { kind: 'point', label: 'Where' },
    heightMm: {
      kind: 'number',
      label: 'From a height of',
      min: 5,
      max: 1000,
      unit: 'mm',
      usual: 60,
    },
  },
  usualS: 30,
  each: true,
  care: [],
  says: ({ cups, atMm, heightMm }, { cupName, widthMm, heightMm: surfaceMm }) =>
    `Pour ${cups.map(cupName).join(', then ')} on ${placeWords(atMm, widthMm, surfaceMm)} in one place, ${Math.round(heightMm / 10)} cm high, in an even stream.`,
  takes: (move, { cup }) => move.cups.map((id) => ({ cup: id, ...cup(id) })),
  flows: ({ cups, atMm, heightMm }, { cup, nu }) =>
    cups.flatMap((id): Primitive[] => {
      const loaded = cup(id);
      const ml = loaded?.layers.reduce((sum, l) => sum + l.ml, 0) ?? 0;
      if (!loaded || ml <= 0) return [];
      const mm = WIDE_MM - (WIDE_MM - THIN_MM) * Math.min(1, heightMm / HIGH_MM);
      return [
        {
          kind: 'stream',
          pathMm: [atMm],
          radiusMm: [{ at: 0, mm }],
          strayMm: STRAY_MM,
          s: Math.max(3, ml / (RATE_ML_PER_S * Math.sqrt(9e-4 / nu))),
          core: false,
          strata: loaded.layers,
          stir: loaded.stir,
          outlet: loaded.outlet,
          lamination: 'stack',
        },
      ];
    }),
});
