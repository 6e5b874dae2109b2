import fc from 'fast-check';
import { between } from '../between.test-data';
import { STREAM_BINS } from '../cup/withdraw';
import { laminate } from './lamination';
import { chance } from './noise';
import { flipped } from './scene.test-data';

/** Looked at in so many places along a stream, and so many round it. */
const ALONG = 4000;
const ROUND = 48;

test('rings of each stratum are as much of a cup as it brings, whatever they are and however mixed', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 5, max: 60 }), { minLength: 2, maxLength: 8 }),
      between(0, 0.8),
      (mls, stir) => {
        const cup = flipped([0, 0], 1, mls.length, { stir });
        const strata = cup.strata.map((own, n) => ({ ...own, ml: mls[n]! }));
        const { stratum } = laminate({ ...cup, strata }, 3, 0);
        const found = new Array<number>(mls.length).fill(0);
        for (let n = 0; n < ALONG; n++) found[stratum(((n + 0.5) / ALONG) * STREAM_BINS, 0)]!++;
        const whole = mls.reduce((sum, ml) => sum + ml, 0);
        mls.forEach((ml, n) => expect(found[n]! / ALONG).toBeCloseTo(ml / whole, 2));
      },
    ),
    { numRuns: 40 },
  );
});

test.each([true, false])(
  'waves shift as much paint one way as the other at any moment, where core is %s',
  (core) => {
    const { wave } = laminate(flipped([0, 0], 80, 4, { core }), 7, 2);
    let most = 0;
    for (let s = 0.005; s < 1; s += 0.01) {
      let sum = 0;
      let weights = 0;
      for (let ring = 0; ring < (core ? 1 : 12); ring++) {
        const r = core ? 1 : Math.sqrt((ring + 0.5) / 12);
        const weight = core ? 1 : 1 - r * r;
        for (let ray = 0; ray < ROUND; ray++) {
          const angle = (2 * Math.PI * (ray + 0.3)) / ROUND;
          const own = wave(s, r * Math.cos(angle), r * Math.sin(angle));
          sum += weight * own;
          weights += weight;
          most = Math.max(most, Math.abs(own));
        }
      }
      expect(Math.abs(sum / weights)).toBeLessThan(0.04);
    }
    expect(most).toBeGreaterThan(0.4);
  },
);

// Of what falls, places drawn by chance from its parabolic footprint: another way than the one it is made even by.
test('strata stacked across a stream have each its part of what falls, whatever they are and however it folds', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 5, max: 60 }), { minLength: 2, maxLength: 8 }),
      between(1, 3),
      fc.integer({ min: 1, max: 99 }),
      (mls, folds, seed) => {
        const cup = flipped([0, 0], 1, mls.length, {
          stir: 1,
          core: false,
          lamination: 'stack',
          folds,
        });
        const strata = cup.strata.map((own, n) => ({ ...own, ml: mls[n]! }));
        const { wave, bin, across, stratum } = laminate({ ...cup, strata }, seed, 0);
        const found = new Array<number>(mls.length).fill(0);
        for (let n = 0; n < 5 * ALONG; n++) {
          const s = (n + 0.5) / (5 * ALONG);
          const r = Math.sqrt(1 - Math.sqrt(1 - chance(n, 1, 0, seed)));
          const angle = 2 * Math.PI * chance(n, 2, 0, seed);
          const [xi, eta] = [r * Math.cos(angle), r * Math.sin(angle)];
          const w = wave(s, xi, eta);
          found[stratum(bin(s, w), across(s, xi, w))]!++;
        }
        const whole = mls.reduce((sum, ml) => sum + ml, 0);
        mls.forEach((ml, n) =>
          expect(Math.abs(found[n]! / (5 * ALONG) - ml / whole)).toBeLessThan(0.012),
        );
      },
    ),
    { numRuns: 15 },
  );
});
