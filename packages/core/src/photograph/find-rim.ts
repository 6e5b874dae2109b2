import { polygonArea } from 'd3-polygon';
import type { Corners, Place } from './homography';
import { maskHull } from './mask-hull';
import { pieceMask } from './piece-mask';
import { LEAST_SHARE, MOST_SHARE, type Pixels, tableOf } from './table';

/**
 * The square that stands round a round piece, as it looks in the photograph: clockwise from the upper left, as shares of its sides. Its rim is an ellipse
 * there, found by the area's second moments; which way is up is taken to be the photograph's. Undefined where nothing stands out from the table.
 */
export function findRim(pixels: Pixels): Corners | undefined {
  const { width, height } = pixels;
  const hull = maskHull(pieceMask(pixels, tableOf(pixels)), width);
  if (!hull) return undefined;
  const area = Math.abs(polygonArea(hull));
  const share = area / (width * height);
  if (share < LEAST_SHARE || share > MOST_SHARE) return undefined;
  const { cx, cy, xx, xy, yy } = momentsOf(hull);
  // A disc of radius 1 has a quarter for its second moments: the stretch that makes the ellipse of it is twice their root.
  const root = Math.sqrt(xx * yy - xy * xy);
  const trace = Math.sqrt(xx + yy + 2 * root);
  const [a, b, d] = [(2 * (xx + root)) / trace, (2 * xy) / trace, (2 * (yy + root)) / trace];
  const at = (u: number, v: number): Place => [
    (cx + a * u + b * v) / width,
    (cy + b * u + d * v) / height,
  ];
  return [at(-1, -1), at(1, -1), at(1, 1), at(-1, 1)];
}

/** Middle and central second moments of a polygon's area, by Green's theorem. */
function momentsOf(polygon: readonly Place[]) {
  let [twice, sx, sy, sxx, sxy, syy] = [0, 0, 0, 0, 0, 0];
  polygon.forEach(([x0, y0], i) => {
    const [x1, y1] = polygon[(i + 1) % polygon.length]!;
    const cross = x0 * y1 - x1 * y0;
    twice += cross;
    sx += (x0 + x1) * cross;
    sy += (y0 + y1) * cross;
    sxx += (x0 * x0 + x0 * x1 + x1 * x1) * cross;
    syy += (y0 * y0 + y0 * y1 + y1 * y1) * cross;
    sxy += (x0 * y1 + 2 * x0 * y0 + 2 * x1 * y1 + x1 * y0) * cross;
  });
  const area = twice / 2;
  const [cx, cy] = [sx / (6 * area), sy / (6 * area)];
  return {
    cx,
    cy,
    xx: sxx / (12 * area) - cx * cx,
    yy: syy / (12 * area) - cy * cy,
    xy: sxy / (24 * area) - cx * cy,
  };
}
