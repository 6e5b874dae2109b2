import { Type } from '@sinclair/typebox';
import { gridSpots } from '../grid-spots';
import { ellipsePath, ellipseRing } from './ellipse';
import { rimReaches } from './rim-reaches';
import type { ShapeDefinition } from './shape';
import { scaledSide, Side } from './side';

export type Oval = { kind: 'oval'; widthMm: number; heightMm: number };

export const oval = {
  id: 'oval',
  name: 'Oval',
  schema: Type.Object(
    { kind: Type.Literal('oval'), widthMm: Side, heightMm: Side },
    { additionalProperties: false },
  ),
  areaMm2: ({ widthMm, heightMm }) => (Math.PI * widthMm * heightMm) / 4,
  // Ramanujan 1914, second approximation: within 0.04 % even of the flattest.
  outlineMm: ({ widthMm, heightMm }) => {
    const h = ((widthMm - heightMm) / (widthMm + heightMm)) ** 2;
    return (Math.PI / 2) * (widthMm + heightMm) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
  },
  bounds: ({ widthMm, heightMm }) => ({ widthMm, heightMm }),
  path: ({ widthMm, heightMm }) => ellipsePath(widthMm, heightMm),
  rings: ({ widthMm, heightMm }) => [ellipseRing(widthMm, heightMm)],
  scaled: (shape, by) => ({
    ...shape,
    widthMm: scaledSide(shape.widthMm, by),
    heightMm: scaledSide(shape.heightMm, by),
  }),
  reaches: ({ widthMm, heightMm }) => rimReaches(widthMm, heightMm),
  reachName: { one: 'place at the rim', many: 'places at the rim' },
  spots: ({ widthMm, heightMm }, count) => gridSpots(count, widthMm, heightMm),
  sides: ({ widthMm, heightMm }) => [widthMm, heightMm],
  suffix: () => ' oval',
} as const satisfies ShapeDefinition<Oval>;
