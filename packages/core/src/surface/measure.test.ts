import fc from 'fast-check';
import { between } from '../between.test-data';
import { measureSurface, shapeOf } from './measure';
import { plainSurface as surface } from './plain';
import type { Shape } from './schema';

const rect = (widthMm: number, heightMm: number): Shape => ({ kind: 'rect', widthMm, heightMm });

test('a rectangle of 50 × 40 cm with 18 mm edges', () => {
  const measure = measureSurface(surface(rect(500, 400), { edgeDepthMm: 18, coverEdges: true }));
  expect(measure).toEqual({ areaCm2: 2000, edgeCm2: 324, outlineMm: 1800, pieces: 1 });
});

test('a round of 30 cm by π r² and π d', () => {
  const measure = measureSurface(
    surface({ kind: 'round', diameterMm: 300 }, { edgeDepthMm: 10, coverEdges: true }),
  );
  expect(measure.areaCm2).toBeCloseTo(706.858, 3);
  expect(measure.edgeCm2).toBeCloseTo(94.248, 3);
});

test('edges that are left bare take no paint', () =>
  expect(measureSurface(surface(rect(500, 400), { edgeDepthMm: 38 })).edgeCm2).toBe(0));

const anyShape = fc.oneof(
  fc.record({
    kind: fc.constant('rect' as const),
    widthMm: between(5, 2000),
    heightMm: between(5, 2000),
  }),
  fc.record({
    kind: fc.constant('oval' as const),
    widthMm: between(5, 2000),
    heightMm: between(5, 2000),
  }),
  fc.record({
    kind: fc.constant('round' as const),
    diameterMm: between(5, 2000),
  }),
);

test('area grows with the square of the size, outline with the size, both with the pieces', () => {
  fc.assert(
    fc.property(
      anyShape,
      between(0.2, 2.5),
      fc.integer({ min: 1, max: 40 }),
      (shape, k, pieces) => {
        const scaled = (
          shape.kind !== 'round'
            ? { ...shape, widthMm: shape.widthMm * k, heightMm: shape.heightMm * k }
            : { kind: 'round', diameterMm: shape.diameterMm * k }
        ) as Shape;
        const one = measureSurface(surface(shape));
        const many = measureSurface(surface(scaled, { pieces }));
        expect(many.areaCm2 / one.areaCm2).toBeCloseTo(k * k * pieces, 6);
        expect(many.outlineMm / one.outlineMm).toBeCloseTo(k, 8);
      },
    ),
  );
});

test('points a tilt must reach lie on the outline', () => {
  for (const [x, y] of shapeOf({ kind: 'round', diameterMm: 300 }).reaches({
    kind: 'round',
    diameterMm: 300,
  })) {
    expect(Math.hypot(x - 150, y - 150)).toBeCloseTo(150, 9);
  }
  expect(shapeOf(rect(500, 400)).reaches(rect(500, 400))).toHaveLength(4);
});

test('an oval as wide as high is a round', () => {
  const d = 304.8;
  const oval = measureSurface(surface({ kind: 'oval', widthMm: d, heightMm: d }));
  const round = measureSurface(surface({ kind: 'round', diameterMm: d }));
  expect(oval.areaCm2).toBeCloseTo(round.areaCm2, 9);
  expect(oval.outlineMm).toBeCloseTo(round.outlineMm, 9);
});

// Area by the shoelace formula, outline by adding up the chords: neither knows the closed forms.
test('the rings of a shape have its area and its outline', () => {
  fc.assert(
    fc.property(anyShape, (shape) => {
      const definition = shapeOf(shape);
      let area = 0;
      let outline = 0;
      for (const ring of definition.rings(shape))
        for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
          area += (ring[j]! * ring[i + 1]! - ring[i]! * ring[j + 1]!) / 2;
          outline += Math.hypot(ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!);
        }
      expect(Math.abs(area / definition.areaMm2(shape) - 1)).toBeLessThan(5e-4);
      expect(Math.abs(outline / definition.outlineMm(shape) - 1)).toBeLessThan(2e-3);
    }),
  );
});
