import { polygonArea } from 'd3-polygon';
import { endsOfTable, peakNear } from './end-of-table';
import { fourSides } from './four-sides';
import type { Corners, Place } from './homography';
import { type Line, lineThrough, meeting } from './line';
import { maskHull } from './mask-hull';
import { pieceMask } from './piece-mask';
import { LEAST_SHARE, MOST_SHARE, type Pixels, type TableModel, tableOf } from './table';

/** Less of the hull than this, and it is the grain of the table that was found (made photographs of pieces have nine tenths and more). */
const SOLID = 0.6;

/** How far to both sides an edge is looked for, as a share of the longer side; each time nearer. */
const REACHES = [0.1, 0.03, 0.008] as const;
/** Places on a side where it is looked for, and how much is left out near its corners. */
const STATIONS = 64;
const NEAR_CORNER = 0.05;
/** A side is tried at so many places to both sides of where it is thought to be. */
const TRIES = 24;
/**
 * The four corners of a piece with straight sides that lies on a table, clockwise from the upper left, as shares of the photograph's sides. Undefined where
 * nothing of four sides stands out from the table.
 */
export function findCorners(pixels: Pixels): Corners | undefined {
  const table = tableOf(pixels);
  const reachPx = Math.max(pixels.width, pixels.height);
  let best: Figure | undefined;
  // Paint in the table's own colour passes for its shade, and shade for paint: both are tried, and the figure with the clearer sides is it.
  for (const shadeLies of [false, true]) {
    const mask = pieceMask(pixels, table, { shadeLies });
    const hull = maskHull(mask, pixels.width);
    if (!hull) continue;
    const area = Math.abs(polygonArea(hull));
    const share = area / (pixels.width * pixels.height);
    const lies = mask.reduce((sum, is) => sum + is, 0);
    if (share < LEAST_SHARE || share > MOST_SHARE || lies < SOLID * area) continue;
    let quad: readonly Place[] | undefined = fourSides(hull);
    let clear = 0;
    for (const reach of REACHES) {
      const figure: Figure | undefined = quad && refined(pixels, table, quad, reach * reachPx);
      quad = figure?.corners;
      clear = figure?.clear ?? 0;
    }
    if (quad && (!best || clear > best.clear)) best = { corners: quad, clear };
  }
  return (
    best && inOrder(best.corners.map(([x, y]): Place => [x / pixels.width, y / pixels.height]))
  );
}

/** Four corners, px, and how clear the least clear of their sides is, 0 to 1. */
interface Figure {
  readonly corners: readonly Place[];
  readonly clear: number;
}

/** The same figure with each side laid where the table ends, along the whole of it: a straight line, as nothing within the picture is. */
function refined(
  pixels: Pixels,
  table: TableModel,
  quad: readonly Place[],
  reach: number,
): Figure | undefined {
  const [cx, cy] = [0, 1].map((k) => quad.reduce((sum, place) => sum + place[k]!, 0) / 4) as [
    number,
    number,
  ];
  let clear = 1;
  const lines = quad.map((from, i): Line => {
    const to = quad[(i + 1) % 4]!;
    const length = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    const along: Place = [(to[0] - from[0]) / length, (to[1] - from[1]) / length];
    const turned: Place = [-along[1], along[0]];
    const inward: Place =
      turned[0] * (cx - from[0]) + turned[1] * (cy - from[1]) > 0
        ? turned
        : [-turned[0], -turned[1]];
    const stations = Array.from({ length: STATIONS }, (_, k): Place => {
      const share = NEAR_CORNER + ((1 - 2 * NEAR_CORNER) * k) / (STATIONS - 1);
      return [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])];
    });
    const profiles = stations.map((at) => endsOfTable(pixels, table, at, inward, Math.ceil(reach)));
    const laid = lay(
      profiles.map(({ speaks }) => speaks),
      Math.ceil(reach),
    );
    clear = Math.min(clear, laid.clear);
    const places = stations.flatMap((at, k): Place[] => {
      const off = peakNear(profiles[k]!.changes, laid.offs[k]! + Math.ceil(reach));
      if (off === undefined) return [];
      const depth = off - Math.ceil(reach);
      return [[at[0] + depth * inward[0], at[1] + depth * inward[1]]];
    });
    return (
      lineThrough(places) ?? {
        on: [from[0] + laid.offs[0]! * inward[0], from[1] + laid.offs[0]! * inward[1]],
        along,
      }
    );
  });
  const corners = lines.map((line, i) => meeting(lines[(i + 3) % 4]!, line));
  return corners.every((corner) => corner !== undefined) ? { corners, clear } : undefined;
}

/**
 * Where a side lies best among the profiles across it: how deep at each of them, px, and what share of all that could be said for it is.
 * Both its ends are tried at all depths.
 */
function lay(
  profiles: readonly (readonly number[])[],
  reach: number,
): { readonly offs: readonly number[]; readonly clear: number } {
  const step = Math.max(1, Math.floor((2 * reach) / TRIES));
  let best = { from: 0, to: 0, sum: -1 };
  for (let from = -reach; from <= reach; from += step)
    for (let to = -reach; to <= reach; to += step) {
      let sum = 0;
      for (let k = 0; k < profiles.length; k++) {
        const at = Math.round(from + ((to - from) * k) / (profiles.length - 1)) + reach;
        const profile = profiles[k]!;
        // A step of more than a pixel must not miss what lies between.
        let most = profile[at] ?? 0;
        for (let d = 1; d <= step >> 1; d++)
          most = Math.max(most, profile[at - d] ?? 0, profile[at + d] ?? 0);
        sum += most;
      }
      if (sum > best.sum) best = { from, to, sum };
    }
  return {
    offs: profiles.map((_, k) => best.from + ((best.to - best.from) * k) / (profiles.length - 1)),
    clear: best.sum / profiles.length,
  };
}

/** Clockwise from the upper left as one sees them. */
function inOrder(corners: readonly Place[]): Corners {
  const [cx, cy] = [0, 1].map((k) => corners.reduce((sum, place) => sum + place[k]!, 0) / 4) as [
    number,
    number,
  ];
  const round = [...corners].sort(
    (a, b) => Math.atan2(a[1] - cy, a[0] - cx) - Math.atan2(b[1] - cy, b[0] - cx),
  );
  const first = round.reduce(
    (at, place, i) => (place[0] + place[1] < round[at]![0] + round[at]![1] ? i : at),
    0,
  );
  return [0, 1, 2, 3].map((k) => round[(first + k) % 4]!) as unknown as Corners;
}
