import {
  readScale,
  scaleAt,
  type ScaleModel,
  scaleOn,
  SCALES,
  type ScaleState,
  tared,
} from './simulated';

const G: ScaleModel = SCALES.grams;
const T: ScaleModel = SCALES.tenths;
const reads = (s: ScaleState, model = G, seed = 7) => {
  const r = readScale(s, model, seed);
  if (r.kind !== 'weight') throw new Error(r.kind);
  return r;
};

test('what is poured is read, after it has settled, to a step', () => {
  for (const model of [G, T])
    for (const g of [0.5, 7, 96.4, 740]) {
      const before = scaleAt(scaleOn(0, 12), model, 1);
      const after = scaleAt(scaleAt(before, model, 1.1, g), model, 6);
      expect(Math.abs(reads(after, model).g - g)).toBeLessThanOrEqual(model.stepG + 0.05);
      expect(reads(after, model).steady).toBe(true);
    }
});

test('it lags behind a stream, and is not steady under it', () => {
  const poured = scaleAt(scaleOn(0, 12), G, 0.1, 100);
  const soon = scaleAt(poured, G, 0.3);
  expect(reads(soon).g).toBeLessThan(70);
  expect(reads(soon).steady).toBe(false);
});

test('the noise is within what the model says, and the same again for the same seed', () => {
  const series = (seed: number) =>
    Array.from({ length: 200 }, (_, i) => {
      const s = scaleAt({ ...scaleOn(0, 0), changedAt: 1e9 }, T, i / 10);
      return reads({ ...s, touchedAt: s.at }, T, seed).g;
    });
  expect(series(7)).toEqual(series(7));
  expect(series(7)).not.toEqual(series(8));
  expect(Math.max(...series(7).map(Math.abs))).toBeLessThan(0.3);
  expect(new Set(series(7)).size).toBeGreaterThan(1);
});

test('tare starts from nothing; drift creeps; too much is an overload; left alone it goes off', () => {
  const loaded = scaleAt(scaleAt(scaleOn(0, 12), G, 1, 250), G, 8);
  expect(Math.abs(reads(tared(loaded)).g)).toBeLessThanOrEqual(1);
  const later = scaleAt(tared(loaded), G, 8 + 170);
  expect(later.followsG - later.tareG + (G.driftGPerMin * 170) / 60).toBeGreaterThan(0.1);
  expect(readScale(scaleAt(scaleAt(scaleOn(0, 12), T, 1, 1200), T, 9), T, 1).kind).toBe('overload');
  expect(readScale(scaleAt(loaded, G, 8 + 181), G, 1).kind).toBe('off');
  expect(readScale(tared(scaleAt(loaded, G, 8 + 181)), G, 1).kind).toBe('weight');
});
