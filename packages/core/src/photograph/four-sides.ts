import { polygonArea } from 'd3-polygon';
import type { Place } from './homography';

/**
 * The four-sided figure round a hull: side after side is left out, its neighbours drawn on until they meet, always the one that adds least.
 */
export function fourSides(hull: readonly Place[]): Place[] | undefined {
  let figure = [...hull];
  while (figure.length > 4) {
    let best: { readonly at: number; readonly adds: number; readonly meets: Place } | undefined;
    const n = figure.length;
    for (let i = 0; i < n; i++) {
      const [a, b, c, d] = [0, 1, 2, 3].map((k) => figure[(i + k) % n]!) as [
        Place,
        Place,
        Place,
        Place,
      ];
      const meets = crossing(a, b, d, c);
      if (!meets) continue;
      const adds = Math.abs(
        polygonArea([b as [number, number], meets as [number, number], c as [number, number]]),
      );
      if (!best || adds < best.adds) best = { at: i, adds, meets };
    }
    if (!best) return undefined;
    // The side from the second to the third of them goes; they meet in one place instead.
    const { at, meets } = best;
    const [b, c] = [(at + 1) % n, (at + 2) % n];
    figure = figure.flatMap((place, k) => (k === b ? [meets] : k === c ? [] : [place]));
  }
  return figure.length === 4 ? figure : undefined;
}

/** Where the line from a through b, drawn on beyond b, meets that from d through c drawn on beyond c; undefined where they do not. */
function crossing(a: Place, b: Place, d: Place, c: Place): Place | undefined {
  const [ux, uy] = [b[0] - a[0], b[1] - a[1]];
  const [vx, vy] = [c[0] - d[0], c[1] - d[1]];
  const det = ux * vy - uy * vx;
  if (Math.abs(det) < 1e-9) return undefined;
  const [wx, wy] = [c[0] - b[0], c[1] - b[1]];
  const t = (wx * vy - wy * vx) / det;
  const s = (wx * uy - wy * ux) / det;
  return t >= 0 && s >= 0 ? [b[0] + t * ux, b[1] + t * uy] : undefined;
}
