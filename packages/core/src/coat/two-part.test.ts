import fc from 'fast-check';
import { between } from '../between.test-data';
import { coatMl } from './amount';
import { USUAL_SHEETS } from './sheets';
import { batchesOf, mixedGPerMl, partsOf, ratiosOf } from './two-part';

const US_FL_OZ_ML = 29.5735;
const IN_CM = 2.54;

test('four 4-inch discs at an eighth of an inch take 3.5 US fl oz, and about 4 with what drips (handbook 7)', () => {
  const disc = { areaCm2: Math.PI * (2 * IN_CM) ** 2, edgeCm2: 0 };
  const ml = 4 * coatMl(disc, (IN_CM * 10) / 8, 0);
  expect(ml / US_FL_OZ_ML).toBeCloseTo(3.48, 2);
  expect((4 * coatMl(disc, (IN_CM * 10) / 8, 0.15)) / US_FL_OZ_ML).toBeCloseTo(4, 1);
});

const sheet = { ...USUAL_SHEETS.resin, gPerMl: [1.1, 0.9] as [number, number] };

test('parts by volume and by weight for stated densities, by hand', () => {
  // 2 : 1 by volume of 1.1 and 0.9 g/mL is 2.2 : 0.9 by weight.
  const byVolume = { ...sheet, parts: [2, 1] as [number, number] };
  expect(ratiosOf(byVolume).weight).toBeCloseTo(2.2 / 0.9, 9);
  // 100 : 45 by weight is 90.909 : 50 by volume.
  const byWeight = { ...sheet, by: 'weight' as const, parts: [100, 45] as [number, number] };
  expect(ratiosOf(byWeight).volume).toBeCloseTo(100 / 1.1 / (45 / 0.9), 9);
  const [resin, hardener] = partsOf(byWeight, 140.909090909);
  expect([resin.g, hardener.g].map((g) => Number(g.toFixed(3)))).toEqual([100, 45]);
  expect(mixedGPerMl(byVolume)).toBeCloseTo((2 * 1.1 + 0.9) / 3, 9);
});

test('batches are equal, none over the largest, hold the whole, and weigh whole steps in the ratio', () => {
  fc.assert(
    fc.property(
      fc.record({
        ml: between(20, 5000),
        mostMl: fc.integer({ min: 20, max: 600 }),
        a: fc.integer({ min: 1, max: 4 }),
        by: fc.constantFrom('volume' as const, 'weight' as const),
        stepG: fc.constantFrom(0.1, 1),
      }),
      ({ ml, mostMl, a, by, stepG }) => {
        const own = { ...sheet, by, mostMl, parts: [a, 1] as [number, number] };
        const batches = batchesOf(own, ml, stepG);
        const sum = (of: 'ml' | 'g') =>
          batches.reduce((all, [resin, hardener]) => all + resin[of] + hardener[of], 0);
        // A step of the scale is the most that rounding does to a batch.
        const slack = (batches.length * stepG) / 0.9;
        expect(Math.abs(sum('ml') - ml)).toBeLessThanOrEqual(slack);
        expect(Math.abs(sum('g') - ml * mixedGPerMl(own))).toBeLessThanOrEqual(slack);
        for (const [resin, hardener] of batches) {
          expect(resin.ml + hardener.ml).toBeLessThanOrEqual(mostMl + stepG / 0.9);
          expect(Math.abs(resin.g / stepG - Math.round(resin.g / stepG))).toBeLessThan(1e-6);
          expect(Math.abs(resin.g - ratiosOf(own).weight * hardener.g)).toBeLessThanOrEqual(
            stepG * (1 + ratiosOf(own).weight),
          );
        }
      },
    ),
  );
});

test('nothing to coat wants no batch', () => {
  expect(batchesOf(sheet, 0, 1)).toEqual([]);
});
