import fc from 'fast-check';
import { PIGMENTS } from '../paint/pigment';
import type { Paint } from '../paint/schema';
import { SCHOOLS } from '../budget/school';
import { idsOf } from '../registry';
import { TECHNIQUES } from '../technique';
import { newPlan } from './beginning/create';
import { CANVAS } from './fixture.test-data';

const anyPaint = (id: string) =>
  fc.record<Paint>({
    id: fc.constant(id),
    name: fc.constant(`Paint ${id}`),
    hex: fc.constantFrom(...PIGMENTS.map((p) => p.hex)),
    opacity: fc.constantFrom('transparent', 'semi-transparent', 'semi-opaque', 'opaque'),
    body: fc.constantFrom('heavy', 'soft', 'fluid', 'craft', 'ready'),
    finish: fc.constantFrom('satin', 'metallic', 'matt'),
  });
/** Plans of one to twelve paints on any surface, as the new-plan helper writes them. */
export const anyPlan = fc
  .record({
    paints: fc
      .integer({ min: 1, max: 12 })
      .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => anyPaint(`p${i}`)))),
    shape: fc.oneof(
      fc.record({
        kind: fc.constant('rect' as const),
        widthMm: fc.integer({ min: 40, max: 1200 }),
        heightMm: fc.integer({ min: 40, max: 1200 }),
      }),
      fc.record({
        kind: fc.constant('oval' as const),
        widthMm: fc.integer({ min: 40, max: 900 }),
        heightMm: fc.integer({ min: 40, max: 900 }),
      }),
      fc.record({
        kind: fc.constant('round' as const),
        diameterMm: fc.integer({ min: 40, max: 900 }),
      }),
    ),
    school: fc.constantFrom(...idsOf(SCHOOLS)),
    pieces: fc.integer({ min: 1, max: 8 }),
    coverEdges: fc.boolean(),
    technique: fc.constantFrom(...idsOf(TECHNIQUES)),
  })
  .map(({ paints, shape, school, pieces, coverEdges, technique }) =>
    newPlan({
      title: 'Any',
      paints,
      surface: { ...CANVAS, shape, pieces, coverEdges, edgeDepthMm: 18 },
      technique,
      school,
    }),
  );
