import { polygonHull } from 'd3-polygon';

/** The convex hull of a mask, by the outer edges of the first and last pixel of each row; undefined where there is hardly one. */
export function maskHull(mask: Uint8Array, width: number): [number, number][] | undefined {
  const places: [number, number][] = [];
  for (let y = 0; y * width < mask.length; y++) {
    const row = mask.subarray(y * width, (y + 1) * width);
    const first = row.indexOf(1);
    if (first < 0) continue;
    const last = row.lastIndexOf(1);
    places.push([first, y], [first, y + 1], [last + 1, y], [last + 1, y + 1]);
  }
  return places.length < 8 ? undefined : (polygonHull(places) ?? undefined);
}
