import fc from 'fast-check';
import { between } from '../between.test-data';
import { volumeAtMl } from '../vessel/frustum';
import { layersOf, loadCups, pinnedMl } from './load';
import type { Cup, Layer } from './schema';

const vessel = { topMm: 95, bottomMm: 62, heightMm: 98 };
const layer = (mix: string, amount: { parts: number } | { ml: number } = { parts: 1 }): Layer => ({
  mix,
  placement: 'wall',
  ...amount,
});
const cup = (id: string, layers: Layer[]): Cup => ({ id, vessel, layers });
const even = () => 1.1;

test('unpinned layers share what pinned ones leave', () => {
  const [loaded] = loadCups(
    [
      cup('c1', [
        layer('a', { ml: 30 }),
        layer('a', { parts: 1 }),
        layer('a', { parts: 3 }),
        layer('b'),
      ]),
    ],
    [
      { mix: 'a', ml: 110 },
      { mix: 'b', ml: 50 },
    ],
    even,
    1,
  );
  expect(loaded?.layers.map((l) => l.ml)).toEqual([30, 20, 60, 50]);
  expect(loaded?.layers.map((l) => l.pinned)).toEqual([true, false, false, false]);
});

test('parts count over all cups', () => {
  const cups = loadCups(
    [cup('c1', [layer('a', { parts: 1 })]), cup('c2', [layer('a', { parts: 2 })])],
    [{ mix: 'a', ml: 90 }],
    even,
    1,
  );
  expect(cups.map((c) => c.filledMl)).toEqual([30, 60]);
});

test('a set shares its pot over all loads', () =>
  expect(loadCups([cup('c1', [layer('a')])], [{ mix: 'a', ml: 240 }], even, 6)[0]).toMatchObject({
    filledMl: 40,
    loads: 6,
  }));

test('pinned over the pot: the others get nothing, nothing goes negative', () => {
  const [loaded] = loadCups(
    [cup('c1', [layer('a', { ml: 80 }), layer('a')])],
    [{ mix: 'a', ml: 50 }],
    even,
    1,
  );
  expect(loaded?.layers.map((l) => l.ml)).toEqual([80, 0]);
  expect(pinnedMl([cup('c1', [layer('a', { ml: 80 })])], 2).get('a')).toBe(160);
});

test('fill lines are those of the tapered cup', () => {
  const [loaded] = loadCups(
    [cup('c1', [layer('a'), layer('b')])],
    [
      { mix: 'a', ml: 100 },
      { mix: 'b', ml: 100 },
    ],
    even,
    1,
  );
  const [a, b] = loaded!.layers;
  expect(volumeAtMl(vessel, a!.toMm)).toBeCloseTo(100, 9);
  expect(volumeAtMl(vessel, b!.toMm)).toBeCloseTo(200, 9);
  // The cup widens, so the same volume makes a thinner layer higher up.
  expect(b!.toMm - b!.fromMm).toBeLessThan(a!.toMm - a!.fromMm);
});

// Handbook 5, common practice, no published source.
test('first in, last out: the cup turned over or poured from the rim', () => {
  const [loaded] = loadCups(
    [cup('c1', [layer('first'), layer('second'), layer('third')])],
    ['first', 'second', 'third'].map((mix) => ({ mix, ml: 30 })),
    even,
    1,
  );
  expect(loaded?.emission.map((e) => e.mix)).toEqual(['third', 'second', 'first']);
  expect(loaded?.emission.map((e) => e.order)).toEqual([1, 2, 3]);
});
test('first in, first out where the bottom opens', () => {
  const [loaded] = loadCups(
    [{ ...cup('c1', [layer('first'), layer('second')]), outlet: 'bottom' }],
    [
      { mix: 'first', ml: 30 },
      { mix: 'second', ml: 30 },
    ],
    even,
    1,
  );
  expect(loaded?.emission.map((e) => e.mix)).toEqual(['first', 'second']);
});

const anyLayer = fc
  .record({
    mix: fc.constantFrom('a', 'b', 'c'),
    parts: between(0.1, 9),
  })
  .map(({ mix, parts }) => layer(mix, { parts }));
const anyCups = fc
  .array(fc.array(anyLayer, { minLength: 1, maxLength: 12 }), { minLength: 1, maxLength: 4 })
  .map((all) => all.map((layers, i) => cup(`c${i}`, layers)));

test('every pot that is poured is poured whole, whatever the cups', () => {
  fc.assert(
    fc.property(anyCups, fc.integer({ min: 1, max: 12 }), (cups, loads) => {
      const pots = ['a', 'b', 'c'].map((mix, i) => ({ mix, ml: 100 * (i + 1) }));
      const loaded = loadCups(cups, pots, even, loads);
      for (const pot of pots) {
        const used = loaded.flatMap((c) => c.layers).filter((l) => l.mix === pot.mix);
        if (used.length > 0)
          expect(used.reduce((sum, l) => sum + l.ml, 0) * loads).toBeCloseTo(pot.ml, 8);
      }
      for (const c of loaded)
        expect(c.emission.reduce((sum, e) => sum + e.share, 0)).toBeCloseTo(1, 9);
    }),
  );
});

test('a cup loaded in reverse has the same layers upside down, and reversing twice is the original', () => {
  fc.assert(
    fc.property(fc.array(anyLayer, { minLength: 1, maxLength: 12 }), (layers) => {
      const cups: Cup[] = [cup('c1', layers), { id: 'c2', vessel, reverseOf: 'c1' }];
      const reversed = layersOf(cups[1]!, cups);
      expect([...reversed].reverse()).toEqual(layers);
    }),
  );
});
