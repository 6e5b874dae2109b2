import { Type } from '@sinclair/typebox';
import { outlineFault } from '../outline/fault';
import { atOrigin } from '../outline/ring';
import { byRings } from './by-rings';
import type { ShapeDefinition } from './shape';

export type Polygon = { kind: 'polygon'; cornersMm: [number, number][] };

const Coordinate = Type.Number({ minimum: -5000, maximum: 5000 });

const measures = byRings<Polygon>(({ cornersMm }) => atOrigin([cornersMm.flat()]));

export const polygon = {
  id: 'polygon',
  name: 'Polygon',
  schema: Type.Object(
    {
      kind: Type.Literal('polygon'),
      cornersMm: Type.Array(Type.Tuple([Coordinate, Coordinate]), { minItems: 3, maxItems: 64 }),
    },
    { additionalProperties: false },
  ),
  fault: (shape) => outlineFault(measures.rings(shape)),
  ...measures,
  scaled: (shape, by) => ({
    ...shape,
    cornersMm: shape.cornersMm.map(([x, y]): [number, number] => [tenth(x * by), tenth(y * by)]),
  }),
  suffix: ({ cornersMm }) => ` with ${cornersMm.length} corners`,
} as const satisfies ShapeDefinition<Polygon>;

const tenth = (mm: number): number => Number(mm.toFixed(1));

/** A polygon of `sides` equal sides that is `acrossMm` wide at its widest, flat at the bottom. */
export function regularPolygon(sides: number, acrossMm: number): Polygon {
  const turn = Math.PI / 2 + Math.PI / sides;
  const round = Array.from({ length: sides }, (_, i) => {
    const a = turn + (i * 2 * Math.PI) / sides;
    return [Math.cos(a), Math.sin(a)] as const;
  });
  const xs = round.map(([x]) => x);
  const scale = acrossMm / (Math.max(...xs) - Math.min(...xs));
  const [left, top] = [Math.min(...xs), Math.min(...round.map(([, y]) => y))];
  return {
    kind: 'polygon',
    cornersMm: round.map(([x, y]) => [
      Number(((x - left) * scale).toFixed(2)),
      Number(((y - top) * scale).toFixed(2)),
    ]),
  };
}
