import { Type } from '@sinclair/typebox';
import type { ShapeDefinition } from './shape';

export type Rect = { kind: 'rect'; widthMm: number; heightMm: number };

const Side = Type.Number({ minimum: 5, maximum: 5000 });

export const rect = {
  kind: 'rect',
  schema: Type.Object(
    { kind: Type.Literal('rect'), widthMm: Side, heightMm: Side },
    { additionalProperties: false },
  ),
  areaMm2: ({ widthMm, heightMm }) => widthMm * heightMm,
  outlineMm: ({ widthMm, heightMm }) => 2 * (widthMm + heightMm),
  bounds: ({ widthMm, heightMm }) => ({ widthMm, heightMm }),
  path: ({ widthMm: w, heightMm: h }) => `M0 0H${w}V${h}H0Z`,
  rings: ({ widthMm: w, heightMm: h }) => [[0, 0, w, 0, w, h, 0, h]],
  reaches: ({ widthMm: w, heightMm: h }) => [
    [w, h],
    [0, h],
    [0, 0],
    [w, 0],
  ],
  sides: ({ widthMm, heightMm }) => [widthMm, heightMm],
  suffix: '',
} as const satisfies ShapeDefinition<Rect>;
