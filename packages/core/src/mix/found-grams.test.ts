import fc from 'fast-check';
import { between } from '../between.test-data';
import { gramsOf } from './found-grams';

test('ten parts of a heavy white and one of a light blue: 100 g are 93.0 and 7.0', () => {
  const mix = {
    paints: [
      { paint: 'blue', parts: 1 },
      { paint: 'white', parts: 10 },
    ],
  };
  const of = gramsOf(mix, 100, (p) => (p === 'white' ? 1.4 : 1.05));
  expect(of.map((p) => [p.paint, Number(p.g.toFixed(1)), Number(p.ml.toFixed(1))])).toEqual([
    ['white', 93, 66.4],
    ['blue', 7, 6.6],
  ]);
});

test('what is too little for the scale is counted in drops, never none', () => {
  const mix = {
    paints: [
      { paint: 'white', parts: 100 },
      { paint: 'blue', parts: 1 },
    ],
  };
  // 0.495 mL of it are ten drops of 0.05 mL.
  expect(gramsOf(mix, 50, () => 1)[1]).toMatchObject({ drops: 10 });
  expect(gramsOf(mix, 1, () => 1)[1]).toMatchObject({ drops: 1 });
  expect(gramsOf(mix, 50, () => 1)[0]!.drops).toBeUndefined();
});

test('the parts weigh what was asked for, and stand in their ratio by volume', () => {
  const parts = fc.array(fc.integer({ min: 1, max: 400 }), { minLength: 1, maxLength: 3 });
  fc.assert(
    fc.property(parts, between(1, 2000), (p, g) => {
      const mix = { paints: p.map((n, i) => ({ paint: String(i), parts: n })) };
      const of = gramsOf(mix, g, (id) => 1 + 0.1 * Number(id));
      expect(of.reduce((sum, o) => sum + o.g, 0) / g).toBeCloseTo(1, 9);
      for (const o of of)
        expect((o.ml / of[0]!.ml) * p[Number(of[0]!.paint)]!).toBeCloseTo(p[Number(o.paint)]!, 6);
    }),
  );
});
