import { accountOf } from './account';
import type { Drop } from './act/drop';
import { volumeM3 } from './film';
import { BASE, birthAt, endOf, poured, scene } from './scene.test-data';

const drops = (change: Partial<Drop> = {}): Drop => ({
  kind: 'drop',
  spotsMm: [[100, 100]],
  strata: [{ mix: 'a', ml: 0.5, dive: 0 }],
  stir: 0,
  outlet: { from: 'bottom', reach: 0.15, cling: 0.02 },
  lamination: 'rings',
  ...change,
});

// V = π r0² h: half a millilitre in a film of a millimetre is a disc of 12.6 mm radius.
test('a drop is a disc as high as the film it stands in', () => {
  const pour = poured(scene([BASE, drops()]), 96);
  const r0 = Math.sqrt(500 / Math.PI);
  for (const deg of [0, 50, 140, 260]) {
    const at = (r: number) =>
      birthAt(
        pour,
        [100 + r * Math.cos((deg * Math.PI) / 180), 100 + r * Math.sin((deg * Math.PI) / 180)],
        0.7,
      ).source;
    expect([at(r0 - 0.5), at(r0 + 0.5)]).toEqual([1, 0]);
  }
});

test('what was there is pushed outward and none of it is lost, wherever drops fall', () => {
  for (const spotsMm of [
    [[100, 100]],
    [
      [100, 100],
      [108, 100],
      [104, 106],
    ],
    [
      [0, 100],
      [190, 195],
    ],
  ] as const) {
    const { pour, kernel } = poured(scene([BASE, drops({ spotsMm })]), 96);
    const off = pour.spiltMl.reduce((sum, ml) => sum + ml, 0);
    const onMl = volumeM3(kernel.film) * 1e6;
    expect(onMl + off + pour.edgesMl).toBeCloseTo(40.5, 2);
    const { mixes } = endOf(accountOf(pour, kernel));
    const of = (mix: string) => Object.values(mixes[mix]!).reduce((sum, ml) => sum + ml, 0);
    expect(Math.abs(of('a') - 0.5)).toBeLessThan(0.05);
    expect(Math.abs(of('base') - 40)).toBeLessThan(0.1);
  }
});

test('a later drop stands where it falls and pushes the earlier one aside', () => {
  const pour = poured(scene([BASE, drops(), drops({ spotsMm: [[106, 100]] })]), 96);
  expect(birthAt(pour, [106, 100], 0.9).source).toBe(2);
  expect(birthAt(pour, [88, 100], 0.9).source).toBe(1);
  // Alone the first reached to 112.6 on this side; where it lay there the second one stands.
  expect(birthAt(pour, [115, 100], 0.9).source).toBe(2);
});

test('drops of a layered bottle come in its order', () => {
  const strata = [
    { mix: 'a', ml: 0.5, dive: 0 },
    { mix: 'b', ml: 0.5, dive: 0 },
  ];
  const pour = poured(
    scene([
      BASE,
      drops({
        strata,
        spotsMm: [
          [60, 100],
          [140, 100],
        ],
        outlet: { from: 'bottom', reach: 0.03, cling: 0 },
      }),
    ]),
    64,
  );
  expect(birthAt(pour, [68, 100], 0.9).mix).toBe('a');
  expect(birthAt(pour, [148, 100], 0.9).mix).toBe('b');
});
