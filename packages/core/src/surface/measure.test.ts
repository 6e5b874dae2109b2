import fc from 'fast-check';
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
    widthMm: fc.double({ min: 5, max: 2000, noNaN: true }),
    heightMm: fc.double({ min: 5, max: 2000, noNaN: true }),
  }),
  fc.record({
    kind: fc.constant('round' as const),
    diameterMm: fc.double({ min: 5, max: 2000, noNaN: true }),
  }),
);

test('area grows with the square of the size, outline with the size, both with the pieces', () => {
  fc.assert(
    fc.property(
      anyShape,
      fc.double({ min: 0.2, max: 2.5, noNaN: true }),
      fc.integer({ min: 1, max: 40 }),
      (shape, k, pieces) => {
        const scaled = (
          shape.kind === 'rect'
            ? rect(shape.widthMm * k, shape.heightMm * k)
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
