import { polygonArea } from 'd3-polygon';
import type { Corners, Place } from './homography';
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
/** Places further than this from a side do not belong to it, px. */
const ON_LINE = 1.6;

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
    const mask = pieceMask(pixels, table, shadeLies);
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

/**
 * The four-sided figure round a hull: side after side is left out, its neighbours drawn on until they meet, always the one that adds least.
 */
function fourSides(hull: readonly Place[]): Place[] | undefined {
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

interface Line {
  readonly on: Place;
  readonly along: Place;
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

/** The summit of a profile next to a place of it, between pixels by the parabola through three; undefined where there is none. */
function peakNear(profile: readonly number[], near: number): number | undefined {
  let at = -1;
  for (let k = Math.floor(near) - 2; k <= Math.ceil(near) + 2; k++)
    if ((profile[k] ?? 0) > (profile[at] ?? NO_EDGE)) at = k;
  if (at < 0) return undefined;
  const [l, m, r] = [profile[at - 1] ?? 0, profile[at]!, profile[at + 1] ?? 0];
  const bend = l - 2 * m + r;
  return at + (bend < 0 ? (0.5 * (l - r)) / bend : 0);
}

const meeting = (a: Line, b: Line): Place | undefined => {
  const det = a.along[0] * b.along[1] - a.along[1] * b.along[0];
  if (Math.abs(det) < 0.1) return undefined;
  const t = ((b.on[0] - a.on[0]) * b.along[1] - (b.on[1] - a.on[1]) * b.along[0]) / det;
  return [a.on[0] + t * a.along[0], a.on[1] + t * a.along[1]];
};

/** What is seen across a side; see `endsOfTable`. */
interface Across {
  readonly speaks: readonly number[];
  readonly changes: readonly number[];
}

/** An edge is what changes within so many px, outside against inside. */
const ACROSS = 2;
/** Less change than this is none, bytes; more than that says no more. */
const NO_EDGE = 8;
const ENOUGH = 60;
/** What lies inside may have the table's colour too, in the shade: then it says a fifth. */
const LIKE_WITHIN = 0.8;

/**
 * At each depth across a side, from outside in, how much speaks for the table ending there, 0 to 1: the picture changes, what lies outside has the
 * table's colour in whatever light, and what lies inside has not; and how much it changes, bytes. The middle is the place itself; one entry a pixel.
 */
function endsOfTable(
  pixels: Pixels,
  table: TableModel,
  [x, y]: Place,
  [nx, ny]: Place,
  reach: number,
): Across {
  const steps = reach + ACROSS;
  const colours: (readonly number[])[] = [];
  const alike: number[] = [];
  for (let k = -steps; k < steps; k++) {
    const at: Place = [x + (k + 0.5) * nx, y + (k + 0.5) * ny];
    const colour = colourAt(pixels, at[0], at[1]);
    colours.push(colour);
    alike.push(likeTable(table, colour, at));
  }
  const speaks: number[] = [];
  const changes: number[] = [];
  for (let k = ACROSS; k <= colours.length - ACROSS; k++) {
    let change = 0;
    for (let c = 0; c < 3; c++) {
      let across = 0;
      for (let j = 0; j < ACROSS; j++) across += colours[k + j]![c]! - colours[k - 1 - j]![c]!;
      change += (across / ACROSS) ** 2;
    }
    changes.push(Math.sqrt(change));
    const outside = Math.min(alike[k - 1]!, alike[k - 2]!);
    const within = Math.min(alike[k]!, alike[k + 1]!);
    speaks.push(
      (Math.min(ENOUGH, Math.sqrt(change)) / ENOUGH) * outside * (1 - LIKE_WITHIN * within),
    );
  }
  return { speaks, changes };
}

/** How far a colour may stray from the table's in the same light, bytes. */
const STRAYS = 16;
/** Lighter than this, of what the table is there, it lies in no shade of it. */
const LIGHTEST = 1.1;

/** How like the table a colour is, in its light or less of it, 0 to 1. */
function likeTable(table: TableModel, colour: readonly number[], [x, y]: Place): number {
  let [dot, norm] = [0, 0];
  const bare = [0, 1, 2].map((c) => Math.max(1, table.at(c, x, y)));
  for (let c = 0; c < 3; c++) {
    dot += colour[c]! * bare[c]!;
    norm += bare[c]! ** 2;
  }
  const factor = Math.min(LIGHTEST, dot / norm);
  const off = Math.hypot(...bare.map((v, c) => colour[c]! - factor * v));
  return Math.exp(-((off / Math.max(STRAYS, 2.5 * table.strays)) ** 2));
}

/** The colour at a place between pixels. */
function colourAt(
  { width, height, rgba }: Pixels,
  x: number,
  y: number,
): readonly [number, number, number] {
  const fx = Math.min(width - 1.001, Math.max(0, x - 0.5));
  const fy = Math.min(height - 1.001, Math.max(0, y - 0.5));
  const [x0, y0] = [Math.floor(fx), Math.floor(fy)];
  const [dx, dy] = [fx - x0, fy - y0];
  const at = (px: number, py: number, c: number) => rgba[4 * (py * width + px) + c]!;
  return [0, 1, 2].map(
    (c) =>
      at(x0, y0, c) * (1 - dx) * (1 - dy) +
      at(x0 + 1, y0, c) * dx * (1 - dy) +
      at(x0, y0 + 1, c) * (1 - dx) * dy +
      at(x0 + 1, y0 + 1, c) * dx * dy,
  ) as unknown as readonly [number, number, number];
}

/** The line most of some places lie on, by trying pairs of them, then fitted to those. */
function lineThrough(places: readonly Place[]): Line | undefined {
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
