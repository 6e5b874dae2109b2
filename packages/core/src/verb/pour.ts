import { outletOf } from '../cup/outlets';
import type { Act } from '../flow/act';
import { defineVerb, type InCup, type Take } from './define';
import { pouredThrough } from './empties';
import { placeWords } from './place';
import { meanNu } from './thickness';

/** From this high on a stream gets no thinner, mm. */
const HIGH_MM = 300;
/** Kinematic viscosity the rate of a pour is stated for, m²/s: medium paint. Thicker runs slower. */
const STATED_NU = 9e-4;

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
  does: ({ cups, atMm, heightMm, s, own }, { inCup, outletOf: outletIn, nuOf, factors }) => {
    const acts: Act[] = [];
    const takes: Take[] = [];
    const [closeMm, highMm] = [factors['stream-close'], factors['stream-high']];
    const mm = closeMm - (closeMm - highMm) * Math.min(1, heightMm / HIGH_MM);
    const emptiesS = ({ ml, strata }: InCup) =>
      Math.max(
        3,
        ml / (factors['poured-per-second'] * Math.sqrt(STATED_NU / meanNu(strata, nuOf))),
      );
    const wholeMl = [...new Set(cups)].reduce((sum, cup) => sum + (inCup(cup)?.ml ?? 0), 0);
    // A cup named twice is empty the second time.
    for (const cup of new Set(cups)) {
      const held = inCup(cup);
      if (!held || held.ml <= 0) continue;
      acts.push({
        kind: 'stream',
        pathMm: [atMm],
        radiusMm: [{ at: 0, mm }],
        strayMm: factors['pour-strays'],
        s: own ? (s * held.ml) / wholeMl : emptiesS(held),
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
  unseen: ({ heightMm }) => (heightMm > HIGH_MM ? ['a fall of more than 30 cm'] : []),
  empties: pouredThrough,
  marks: ({ atMm }) => [{ kind: 'disc', atMm, rMm: 0 }],
  label: () => 'pour',
});
