import { Type } from '@sinclair/typebox';
import { gridSpots } from '../grid-spots';
import type { ShapeDefinition } from './shape';
import { scaledSide, Side } from './side';

export type Rect = { kind: 'rect'; widthMm: number; heightMm: number };

export const rect = {
  id: 'rect',
  name: 'Rectangle',
  schema: Type.Object(
    { kind: Type.Literal('rect'), widthMm: Side, heightMm: Side },
    { additionalProperties: false },
  ),
  areaMm2: ({ widthMm, heightMm }) => widthMm * heightMm,
  outlineMm: ({ widthMm, heightMm }) => 2 * (widthMm + heightMm),
  bounds: ({ widthMm, heightMm }) => ({ widthMm, heightMm }),
  path: ({ widthMm: w, heightMm: h }) => `M0 0H${w}V${h}H0Z`,
  rings: ({ widthMm: w, heightMm: h }) => [[0, 0, w, 0, w, h, 0, h]],
  scaled: (shape, by) => ({
    ...shape,
    widthMm: scaledSide(shape.widthMm, by),
    heightMm: scaledSide(shape.heightMm, by),
  }),
  reaches: ({ widthMm: w, heightMm: h }) => [
    [w, h],
    [0, h],
    [0, 0],
    [w, 0],
  ],
  reachName: { one: 'corner', many: 'corners' },
  spots: ({ widthMm, heightMm }, count) => gridSpots(count, widthMm, heightMm),
  sides: ({ widthMm, heightMm }) => [widthMm, heightMm],
  suffix: () => '',
} as const satisfies ShapeDefinition<Rect>;
