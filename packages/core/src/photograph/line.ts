import type { Place } from './homography';

/** A straight line: a place on it, and which way it goes, of length 1. */
export interface Line {
  readonly on: Place;
  readonly along: Place;
}

/** Where two lines meet; undefined where they hardly do. */
export const meeting = (a: Line, b: Line): Place | undefined => {
  const det = a.along[0] * b.along[1] - a.along[1] * b.along[0];
  if (Math.abs(det) < 0.1) return undefined;
  const t = ((b.on[0] - a.on[0]) * b.along[1] - (b.on[1] - a.on[1]) * b.along[0]) / det;
  return [a.on[0] + t * a.along[0], a.on[1] + t * a.along[1]];
};

/** Places further than this from a side do not belong to it, px. */
const ON_LINE = 1.6;

/** The line most of some places lie on, by trying pairs of them, then fitted to those. */
export function lineThrough(places: readonly Place[]): Line | undefined {
  let best: readonly Place[] = [];
  for (let i = 0; i < places.length; i += 2)
    for (let j = i + Math.floor(places.length / 4); j < places.length; j += 2) {
      const [a, b] = [places[i]!, places[j]!];
      const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
      if (length === 0) continue;
      const on = places.filter(
        ([x, y]) =>
          Math.abs((x - a[0]) * (b[1] - a[1]) - (y - a[1]) * (b[0] - a[0])) / length <= ON_LINE,
      );
      if (on.length > best.length) best = on;
    }
  if (best.length < Math.max(6, places.length / 4)) return undefined;
  const [mx, my] = [0, 1].map(
    (k) => best.reduce((sum, place) => sum + place[k]!, 0) / best.length,
  ) as [number, number];
  let [xx, xy, yy] = [0, 0, 0];
  for (const [x, y] of best) {
    xx += (x - mx) ** 2;
    xy += (x - mx) * (y - my);
    yy += (y - my) ** 2;
  }
  const turn = 0.5 * Math.atan2(2 * xy, xx - yy);
  return { on: [mx, my], along: [Math.cos(turn), Math.sin(turn)] };
}
