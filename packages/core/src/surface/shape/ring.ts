import { Type } from '@sinclair/typebox';
import { ellipsePath, ellipseRing } from './ellipse';
import { rimReaches } from './rim-reaches';
import type { ShapeDefinition } from './shape';
import { scaledSide, Side } from './side';

export type RingShape = { kind: 'ring'; outerMm: number; innerMm: number };

/** Narrowest band that can be poured on, mm. */
const LEAST_BAND_MM = 3;

export const ring = {
  id: 'ring',
  name: 'Ring',
  schema: Type.Object(
    { kind: Type.Literal('ring'), outerMm: Side, innerMm: Side },
    { additionalProperties: false },
  ),
  fault: ({ outerMm, innerMm }) =>
    outerMm - innerMm < 2 * LEAST_BAND_MM
      ? `leaves a band of ${Number(((outerMm - innerMm) / 2).toFixed(2))} mm; ${LEAST_BAND_MM} mm is the least: make the hole smaller or the ring larger`
      : undefined,
  areaMm2: ({ outerMm, innerMm }) => (Math.PI * (outerMm ** 2 - innerMm ** 2)) / 4,
  outlineMm: ({ outerMm, innerMm }) => Math.PI * (outerMm + innerMm),
  bounds: ({ outerMm }) => ({ widthMm: outerMm, heightMm: outerMm }),
  path: ({ outerMm, innerMm }) => {
    const inset = (outerMm - innerMm) / 2;
    return ellipsePath(outerMm, outerMm) + ellipsePath(innerMm, innerMm, inset, inset);
  },
  rings: ({ outerMm, innerMm }) => {
    const inset = (outerMm - innerMm) / 2;
    return [ellipseRing(outerMm, outerMm), ellipseRing(innerMm, innerMm, inset, inset)];
  },
  // The band stays wide enough to pour on.
  scaled: (shape, by) => {
    const innerMm = scaledSide(shape.innerMm, by);
    return {
      ...shape,
      innerMm,
      outerMm: Math.max(innerMm + 2 * LEAST_BAND_MM, scaledSide(shape.outerMm, by)),
    };
  },
  reaches: ({ outerMm }) => rimReaches(outerMm, outerMm),
  reachName: { one: 'place at the rim', many: 'places at the rim' },
  // Round the middle of the band, the first at the top.
  spots: ({ outerMm, innerMm }, count) =>
    Array.from({ length: count }, (_, i) => {
      const a = (i * 2 * Math.PI) / count - Math.PI / 2;
      const r = (outerMm + innerMm) / 4;
      return [
        Math.round(outerMm / 2 + r * Math.cos(a)),
        Math.round(outerMm / 2 + r * Math.sin(a)),
      ] as [number, number];
    }),
  sides: ({ outerMm, innerMm }) => [outerMm, innerMm],
  suffix: () => ' ring',
} as const satisfies ShapeDefinition<RingShape>;
