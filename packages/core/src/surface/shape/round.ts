import { Type } from '@sinclair/typebox';
import type { ShapeDefinition } from './shape';
import { Side } from './side';

export type Round = { kind: 'round'; diameterMm: number };

export const round = {
  kind: 'round',
  schema: Type.Object(
    { kind: Type.Literal('round'), diameterMm: Side },
    { additionalProperties: false },
  ),
  areaMm2: ({ diameterMm: d }) => (Math.PI * d * d) / 4,
  outlineMm: ({ diameterMm }) => Math.PI * diameterMm,
  bounds: ({ diameterMm }) => ({ widthMm: diameterMm, heightMm: diameterMm }),
  path: ({ diameterMm: d }) =>
    `M0 ${d / 2}A${d / 2} ${d / 2} 0 1 1 ${d} ${d / 2}A${d / 2} ${d / 2} 0 1 1 0 ${d / 2}Z`,
  // 180 chords: within 0.02 % of the circle.
  rings: ({ diameterMm: d }) => [
    Array.from({ length: 360 }, (_, i) => {
      const a = (Math.floor(i / 2) * Math.PI) / 90;
      return (d / 2) * (1 + (i % 2 === 0 ? Math.cos(a) : Math.sin(a)));
    }),
  ],
  // Six ways round: objects without corners are taken round the sides (handbook 6, common practice).
  reaches: ({ diameterMm: d }) =>
    [0, 60, 120, 180, 240, 300].map((deg) => {
      const a = ((deg + 30) * Math.PI) / 180;
      return [(d / 2) * (1 + Math.cos(a)), (d / 2) * (1 + Math.sin(a))] as const;
    }),
  reachName: { one: 'place at the rim', many: 'places at the rim' },
  sides: ({ diameterMm }) => [diameterMm],
  suffix: ' round',
} as const satisfies ShapeDefinition<Round>;
