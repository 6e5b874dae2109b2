import { fastest, growthOf } from './dispersion';

// The table of an exact two-layer dispersion solver (science-flow.md, 5): equal viscosities, no tension between the films.
test.each([
  [0.05, 0.35, 134],
  [0.1, 0.71, 67],
  [0.15, 1.03, 44.7],
  [0.2, 1.25, 34.1],
  [0.25, 1.38, 28.4],
  [0.3, 1.47, 25.2],
  [0.4, 1.54, 22.6],
  [0.5, 1.49, 23.1],
  [0.6, 1.36, 26.6],
  [0.7, 1.09, 34.4],
  [0.8, 0.74, 51.5],
  [0.9, 0.37, 103],
])(
  'an upper film of %d of the height: the fastest wave is %d H long and takes %d',
  (upper, length, time) => {
    const wave = fastest({ upper, ratio: 1, tension: 0 })!;
    expect(Math.abs(wave.length / length - 1)).toBeLessThan(0.02);
    expect(Math.abs(wave.time / time - 1)).toBeLessThan(0.02);
  },
);

// The same source: 1.0 + 0.5 mm, 200 kg/m³ apart, 1 Pa·s, with tension between the films.
test.each([
  [3e-4, 4.1, 17.7],
  [1e-3, 6.7, 40.8],
  [3e-3, 11.3, 107],
])('tension of %d N/m makes waves of %d mm that take %d s', (tension, mm, s) => {
  const weight = 200 * 9.81 * 1.5e-3;
  const wave = fastest({ upper: 1 / 3, ratio: 1, tension: tension / (weight * 1.5e-3) })!;
  expect(Math.abs((1.5 * wave.length) / mm - 1)).toBeLessThan(0.02);
  expect(Math.abs(wave.time / weight / s - 1)).toBeLessThan(0.02);
});

// Two half-spaces: s = Δρ·g ÷ 2k(μ1 + μ2), closed form (Chandrasekhar 1961, from memory).
test.each([0.25, 1, 3])(
  'short waves know no ground and no surface: lower film %d times as thick',
  (ratio) => {
    const k = 120;
    const growth = growthOf({ upper: 0.5, ratio, tension: 0 }, k);
    expect(Math.abs(growth * 2 * k * (1 + ratio) - 1)).toBeLessThan(1e-9);
  },
);

test('a wave shorter than 2π√(tension) does not grow', () => {
  const films = { upper: 0.3, ratio: 1, tension: 0.04 };
  expect(growthOf(films, 1.01 / Math.sqrt(0.04))).toBeLessThan(0);
  expect(growthOf(films, 0.99 / Math.sqrt(0.04))).toBeGreaterThan(0);
});

test('tension so strong that no wave fits grows none in sight', () => {
  expect(fastest({ upper: 0.3, ratio: 1, tension: 200 })).toBeUndefined();
});
