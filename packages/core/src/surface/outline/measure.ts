import { polygonArea, polygonContains, polygonHull, polygonLength } from 'd3-polygon';
import { pointsOf, type Ring } from './ring';

/**
 * Area between rings by the even-odd rule, mm²: a ring within an odd number of others is a hole. The rings must not cross.
 */
export function areaOf(rings: readonly Ring[]): number {
  const polygons = rings.map(pointsOf);
  return polygons.reduce((area, polygon, i) => {
    const around = polygons.filter(
      (other, j) => j !== i && polygonContains(other, polygon[0]!),
    ).length;
    return area + (around % 2 === 0 ? 1 : -1) * Math.abs(polygonArea(polygon));
  }, 0);
}

/** Length of all rings together, mm: the rims of holes count, they take paint too. */
export const lengthOf = (rings: readonly Ring[]): number =>
  rings.reduce((sum, ring) => sum + polygonLength(pointsOf(ring)), 0);

/** The convex hull as points, clockwise on the screen. */
export const hullOf = (rings: readonly Ring[]): readonly [number, number][] =>
  [...(polygonHull(rings.flatMap(pointsOf)) ?? [])].reverse();
