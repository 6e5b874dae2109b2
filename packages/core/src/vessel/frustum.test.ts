import fc from 'fast-check';
import { between } from '../between.test-data';
import { capacityMl, fillableMl, levelAtMm, volumeAtMl } from './frustum';
import { VESSELS } from './library';

const vessel = (topMm: number, bottomMm: number, heightMm: number) => ({
  topMm,
  bottomMm,
  heightMm,
});

/** Area of every slice added up, for a check that knows nothing of the closed form (Simpson's rule). */
function integrateMl(
  { topMm, bottomMm, heightMm }: ReturnType<typeof vessel>,
  levelMm: number,
): number {
  const slices = 200;
  const dy = levelMm / slices;
  const area = (y: number) => Math.PI * ((bottomMm + (topMm - bottomMm) * (y / heightMm)) / 2) ** 2;
  let sum = 0;
  for (let i = 0; i < slices; i++)
    sum += (area(i * dy) + 4 * area((i + 0.5) * dy) + area((i + 1) * dy)) / 6;
  return (sum * dy) / 1000;
}

const anyVessel = fc
  .tuple(between(20, 200), between(20, 200), between(20, 200))
  .map(([t, b, h]) => vessel(t, b, h));

// Closed-form values worked out by hand: cone, cylinder, frustum.
test.each([
  [vessel(90, 60, 100), 447.676953],
  [vessel(60, 60, 100), 282.743339],
  [vessel(90, 1e-9, 100), 212.057504],
])('%o holds %d mL', (v, ml) => expect(capacityMl(v)).toBeCloseTo(ml, 5));

test('200 mL in the 90/60/100 cup stands at 54.52 mm', () =>
  expect(levelAtMm(vessel(90, 60, 100), 200)).toBeCloseTo(54.521793, 5));

test('volumes agree with numerical integration', () => {
  fc.assert(
    fc.property(anyVessel, between(0.01, 1), (v, share) =>
      expect(volumeAtMl(v, share * v.heightMm)).toBeCloseTo(integrateMl(v, share * v.heightMm), 6),
    ),
  );
});

test('a level is the level of its own volume, in tapered, flared and upright cups', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        anyVessel,
        ...[0, 1e-12, 1e-9, 1e-6, -1e-6, 1e-3].map((wider) =>
          fc.constant(vessel(70 + wider, 70, 90)),
        ),
      ),
      between(0.001, 1),
      (v, share) =>
        expect(levelAtMm(v, volumeAtMl(v, share * v.heightMm))).toBeCloseTo(share * v.heightMm, 9),
    ),
  );
});

test('nothing stands at nothing, also where the wall is all but upright', () => {
  // Found by the full set: −1e-10 mm.
  for (const v of [vessel(1.7906458765765763, 1.7906438765765762, 1), vessel(90, 60, 100)])
    expect(levelAtMm(v, 0)).toBe(0);
});

test('a level above the brim tells how far it is over', () =>
  expect(levelAtMm(vessel(60, 60, 100), 300)).toBeGreaterThan(100));

// Capacities of the common paper cups, common practice, no published source.
test.each([
  ['cup-16', 481],
  ['cup-9', 266],
  ['cup-10', 296],
  ['shot', 44],
  ['cup-3', 93],
])('%s holds about %d mL', (id, ml) =>
  expect(capacityMl(VESSELS.find((v) => v.id === id)!)).toBeCloseTo(ml, -0.5),
);

test('head-room is 10 mm in a small cup and a tenth in a tall one', () => {
  expect(fillableMl(vessel(60, 60, 50))).toBeCloseTo(volumeAtMl(vessel(60, 60, 50), 40), 9);
  expect(fillableMl(vessel(60, 60, 200))).toBeCloseTo(volumeAtMl(vessel(60, 60, 200), 180), 9);
});
