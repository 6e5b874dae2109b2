import { Type } from '@sinclair/typebox';
import type { ShapeDefinition } from './shape';
import { Side } from './side';

export type Oval = { kind: 'oval'; widthMm: number; heightMm: number };

/** Chords the outline is cut into for the flow: within 0.02 % of the area. */
const CHORDS = 180;

export const oval = {
  kind: 'oval',
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
  path: ({ widthMm: w, heightMm: h }) =>
    `M0 ${h / 2}A${w / 2} ${h / 2} 0 1 1 ${w} ${h / 2}A${w / 2} ${h / 2} 0 1 1 0 ${h / 2}Z`,
  rings: ({ widthMm: w, heightMm: h }) => [
    Array.from({ length: 2 * CHORDS }, (_, i) => {
      const a = (Math.floor(i / 2) * 2 * Math.PI) / CHORDS;
      return i % 2 === 0 ? (w / 2) * (1 + Math.cos(a)) : (h / 2) * (1 + Math.sin(a));
    }),
  ],
  // As a round: six ways, taken round the sides (handbook 6, common practice).
  reaches: ({ widthMm: w, heightMm: h }) =>
    [30, 90, 150, 210, 270, 330].map((deg) => {
      const a = (deg * Math.PI) / 180;
      return [(w / 2) * (1 + Math.cos(a)), (h / 2) * (1 + Math.sin(a))] as const;
    }),
  reachName: { one: 'place at the rim', many: 'places at the rim' },
  sides: ({ widthMm, heightMm }) => [widthMm, heightMm],
  suffix: ' oval',
} as const satisfies ShapeDefinition<Oval>;
