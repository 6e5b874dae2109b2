import fc from 'fast-check';
import { between } from '../between.test-data';
import { openBook } from '../material/book';
import type { Medium } from '../material/schema';
import type { Body, Finish, Paint } from '../paint/schema';
import { fromUnit, toUnit } from '../quantity/unit';
import { consistencyOf } from './consistency';
import { makeMedium } from './medium';
import { makeRecipe } from './recipe';
import type { Mix } from './schema';
import { weighUp } from './weigh';

const book = openBook([], []);
const paint = (body: Body, finish: Finish = 'satin', densityGPerMl = 1.2): Paint => ({
  id: 'p',
  name: 'p',
  hex: '#d8a526',
  opacity: 'opaque',
  body,
  finish,
  densityGPerMl,
});
const mix = (change: Partial<Mix>): Mix => ({
  id: 'm',
  name: 'm',
  basis: 'volume',
  paints: [{ paint: 'p', parts: 1 }],
  consistency: 'medium',
  ...change,
});
const recipe = (m: Mix, p: Paint, b = book) => makeRecipe(m, () => p, b);
const conditioner = (parts: number) => ({ medium: { id: 'conditioner', parts } });

// science.md, Corrections 4 and handbook 4 (common practice, no published source): where recipes land, with nominal viscosities from memory.
test.each([
  ['soft', 'satin', conditioner(1), 2.45, 'thick'],
  ['soft', 'satin', conditioner(2), 1.93, 'medium'],
  ['soft', 'satin', conditioner(4), 1.6, 'medium'],
  ['heavy', 'satin', { ...conditioner(2), waterParts: 0.1 }, 2.4, 'thick'],
  ['soft', 'metallic', conditioner(1), 3.46, 'thick'],
  ['soft', 'satin', { medium: { id: 'glue-water', parts: 1 } }, 1.41, 'medium'],
  ['soft', 'satin', { medium: { id: 'glue-water-conditioner', parts: 2 } }, 1, 'medium'],
  ['soft', 'satin', { ...conditioner(1), waterParts: 1 }, 0.18, 'thin'],
  ['fluid', 'satin', { medium: { id: 'conditioner-thin', parts: 4 } }, 0.15, 'thin'],
  ['ready', 'satin', {}, 1.2, 'medium'],
] as [Body, Finish, Partial<Mix>, number, string][])(
  '%s %s with %o is near %d Pa·s: %s',
  (body, finish, change, pas, step) => {
    const { viscosityPaS } = recipe(mix(change), paint(body, finish));
    expect(viscosityPaS / pas).toBeGreaterThan(0.93);
    expect(viscosityPaS / pas).toBeLessThan(1.12);
    expect(consistencyOf(viscosityPaS)).toBe(step);
  },
);

// Handbook 4, common practice, no published source: 4 cups, 1 cup, ½ cup, ¼ cup make 46 US fl oz.
test('the studio blend makes 46 US fl oz of a quarter-cup part', () => {
  const part = fromUnit(0.25, 'us-cup');
  const blend = book.medium('studio-blend');
  const ml = blend.of.reduce((sum, item) => sum + item.parts * part, 0);
  expect(toUnit(ml, 'us-floz')).toBeCloseTo(46, 6);
});

// Handbook 4: medium 2 : paint 1 of 60 : 30 : 10 glue, water, conditioner, 40 g + 20 g = 60 g a cup.
test('40 g of medium and 20 g of paint make a 60 g cup', () => {
  const steps = weighUp(
    recipe(
      mix({ basis: 'weight', medium: { id: 'glue-water-conditioner', parts: 2 } }),
      paint('craft'),
    ),
    60,
    1,
  );
  expect(steps.map((s) => [s.material, s.g, s.scaleReadsG])).toEqual([
    ['p', 20, 20],
    ['glue-water-conditioner', 40, 60],
  ]);
});

test('parts by weight and by volume differ by the densities', () => {
  const byVolume = recipe(mix(conditioner(1)), paint('soft', 'satin', 2));
  const byWeight = recipe(mix({ ...conditioner(1), basis: 'weight' }), paint('soft', 'satin', 2));
  expect(byVolume.paintShare).toBeCloseTo(0.5, 12);
  expect(byWeight.paintShare).toBeCloseTo(1 / 2 / (1 / 2 + 1 / 1.03), 12);
  expect(byVolume.densityGPerMl).toBeCloseTo((2 + 1.03) / 2, 12);
});

test('a medium inside a medium is the same as its materials', () => {
  const inner: Medium = {
    id: 'inner',
    name: 'Inner',
    basis: 'volume',
    of: [
      { material: 'pva', parts: 2 },
      { material: 'water', parts: 1 },
    ],
  };
  const nested: Medium = {
    id: 'nested',
    name: 'Nested',
    basis: 'volume',
    of: [
      { medium: 'inner', parts: 3 },
      { material: 'conditioner', parts: 1 },
    ],
  };
  const flat: Medium = {
    id: 'flat',
    name: 'Flat',
    basis: 'volume',
    of: [
      { material: 'pva', parts: 2 },
      { material: 'water', parts: 1 },
      { material: 'conditioner', parts: 1 },
    ],
  };
  const own = openBook([], [inner, nested, flat]);
  const [a, b] = [makeMedium('nested', own), makeMedium('flat', own)];
  expect(a.densityGPerMl).toBeCloseTo(b.densityGPerMl, 12);
  for (const [id, ml] of b.volumes) expect(a.volumes.get(id)).toBeCloseTo(ml, 12);
});

test('a medium that holds itself is refused', () => {
  const loop: Medium = {
    id: 'loop',
    name: 'Loop',
    basis: 'volume',
    of: [{ medium: 'loop', parts: 1 }],
  };
  expect(() => makeMedium('loop', openBook([], [loop]))).toThrow(/holds itself/);
});

test('water is counted over the whole mix, that inside a glue mix too', () => {
  expect(
    recipe(mix({ medium: { id: 'glue-water', parts: 1 }, waterParts: 0.5 }), paint('soft'))
      .waterShare,
  ).toBeCloseTo((1 / 3 + 0.5) / 2.5, 12);
});

test('oil goes in last, counted in drops', () => {
  const steps = weighUp(
    recipe(
      mix({
        ...conditioner(2),
        waterParts: 0.1,
        additives: [{ material: 'silicone', drops: 2, perMl: 60 }],
      }),
      paint('soft'),
    ),
    120,
    1,
  );
  expect(steps.map((s) => s.material)).toEqual(['p', 'conditioner', 'water', 'silicone']);
  // 120 g of it are about 112 mL: 2 drops in 60 mL make 4.
  expect(steps.at(-1)).toMatchObject({ drops: 4, scaleReadsG: 120 });
});

test('powder is weighed before the oil', () => {
  const m = mix({
    additives: [
      { material: 'silicone', drops: 1, perMl: 60 },
      { material: 'mica', g: 3, perMl: 100 },
    ],
  });
  const steps = weighUp(recipe(m, paint('ready')), 103, 0.1);
  expect(steps.map((s) => s.material)).toEqual(['p', 'mica', 'silicone']);
  expect(steps[1]?.g).toBeCloseTo(2.5, 0);
});

const anyMix = fc.record({
  basis: fc.constantFrom('volume' as const, 'weight' as const),
  medium: fc.option(
    fc.record({
      id: fc.constantFrom('conditioner', 'studio-blend', 'glue-water'),
      parts: between(0.05, 8),
    }),
    { nil: undefined },
  ),
  waterParts: between(0, 3),
});

test('a mL of any mix is made of a mL, weighs its density, and a weigh-up ends on its total', () => {
  fc.assert(
    fc.property(
      anyMix,
      fc.integer({ min: 1, max: 4000 }),
      fc.constantFrom(0.1, 1),
      ({ medium, ...rest }, totalG, stepG) => {
        const r = recipe(mix({ ...rest, ...(medium ? { medium } : {}) }), paint('heavy'));
        expect(r.ingredients.reduce((sum, i) => sum + i.ml, 0)).toBeCloseTo(1, 10);
        expect(r.ingredients.reduce((sum, i) => sum + i.g, 0)).toBeCloseTo(r.densityGPerMl, 10);
        const steps = weighUp(r, totalG, stepG);
        expect(steps.at(-1)?.scaleReadsG).toBeCloseTo(totalG, 6);
        for (const s of steps) expect(s.g).toBeGreaterThanOrEqual(0);
      },
    ),
  );
});
