import { outletOf } from '../cup/outlets';
import type { Act } from '../flow/act';
import { defineVerb, type Take } from './define';
import { pouredThrough } from './empties';
import { placeWords } from './place';

/** How fast a cup is poured, mL/s at 1 Pa·s; thicker paint runs slower (tuned). */
const RATE_ML_PER_S = 10;
/** The stream where it lands: this wide from close by, thinner the higher it falls (tuned). */
const WIDE_MM = 9;
const THIN_MM = 5;
const HIGH_MM = 300;
const STRAY_MM = 3;

export const pour = defineVerb({
  id: 'pour',
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
  says: ({ cups, atMm, heightMm }, { cupName, widthMm, heightMm: surfaceMm }) =>
    `Pour ${cups.map(cupName).join(', then ')} on ${placeWords(atMm, widthMm, surfaceMm)} in one place, ${Math.round(heightMm / 10)} cm high, in an even stream.`,
  does: ({ cups, atMm, heightMm }, { inCup, outletOf: outletIn, nu }) => {
    const acts: Act[] = [];
    const takes: Take[] = [];
    const mm = WIDE_MM - (WIDE_MM - THIN_MM) * Math.min(1, heightMm / HIGH_MM);
    // A cup named twice is empty the second time.
    for (const cup of new Set(cups)) {
      const held = inCup(cup);
      if (!held || held.ml <= 0) continue;
      acts.push({
        kind: 'stream',
        pathMm: [atMm],
        radiusMm: [{ at: 0, mm }],
        strayMm: STRAY_MM,
        s: Math.max(3, held.ml / (RATE_ML_PER_S * Math.sqrt(9e-4 / nu))),
        core: false,
        strata: held.strata,
        stir: held.stir,
        outlet: outletOf(outletIn(cup)),
        lamination: 'stack',
      });
      takes.push({ cup, ml: held.ml, g: held.g });
    }
    return { acts, takes };
  },
  empties: pouredThrough,
  marks: ({ atMm }) => [{ kind: 'disc', atMm, rMm: 0 }],
  label: () => 'pour',
});
