import { Type } from '@sinclair/typebox';
import { gridSpots } from '../grid-spots';
import { ellipsePath, ellipseRing } from './ellipse';
import { rimReaches } from './rim-reaches';
import type { ShapeDefinition } from './shape';
import { scaledSide, Side } from './side';

export type Round = { kind: 'round'; diameterMm: number };

export const round = {
  id: 'round',
  name: 'Round',
  schema: Type.Object(
    { kind: Type.Literal('round'), diameterMm: Side },
    { additionalProperties: false },
  ),
  areaMm2: ({ diameterMm: d }) => (Math.PI * d * d) / 4,
  outlineMm: ({ diameterMm }) => Math.PI * diameterMm,
  bounds: ({ diameterMm }) => ({ widthMm: diameterMm, heightMm: diameterMm }),
  path: ({ diameterMm: d }) => ellipsePath(d, d),
  rings: ({ diameterMm: d }) => [ellipseRing(d, d)],
  scaled: (shape, by) => ({ ...shape, diameterMm: scaledSide(shape.diameterMm, by) }),
  reaches: ({ diameterMm: d }) => rimReaches(d, d),
  reachName: { one: 'place at the rim', many: 'places at the rim' },
  spots: ({ diameterMm: d }, count) => gridSpots(count, d, d),
  sides: ({ diameterMm }) => [diameterMm],
  suffix: () => ' round',
} as const satisfies ShapeDefinition<Round>;
