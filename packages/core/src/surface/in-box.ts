import { shapeOf } from './measure';
import type { Shape } from './schema';
import type { Point } from './path';

/** A shape's outline as closed rings of places, as shares of the box round it: wherever the box is laid, so lies the outline. */
export function ringsInBox(shape: Shape): Point[][] {
  const { bounds, rings } = shapeOf(shape);
  const { widthMm, heightMm } = bounds(shape);
  return rings(shape).map((ring) =>
    Array.from({ length: ring.length / 2 }, (_, i): Point => [
      ring[2 * i]! / widthMm,
      ring[2 * i + 1]! / heightMm,
    ]),
  );
}
