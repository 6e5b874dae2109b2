import { noise } from './noise';
import { FRAME_CELLS, type FrameSeen } from './frames';
import type { Stream } from './act/stream';
import { fieldAt } from './field-at';
import type { Site } from './ground';
import { type Motion, WHOLE } from './motion';
import type { Traced } from './step';

/** A stream within one frame: a disc that moves and changes its radius evenly. Places in cells. */
export interface Disc {
  readonly from: Spot;
  readonly to: Spot;
  readonly core: boolean;
  /** Mean height it adds in the frame at its middle, m: twice the mean over the disc. */
  readonly peakM: number;
}

interface Spot {
  readonly x: number;
  readonly y: number;
  readonly r: number;
  /** Share of its paint that has left, 0..1. */
  readonly s: number;
}

/** Where a stream's disc is when a share `s` of its paint has left. */
export function spotAt(stream: Stream, s: number, site: Site, seed: number): Spot {
  const [x, y] = along(stream.pathMm, s);
  const stray = (axis: number) => stream.strayMm * noise(4 * s, axis * 7.3, 0.5, seed + 23);
  return {
    x: (x + stray(1) + site.originMm[0]) / site.cellMm,
    y: (y + stray(2) + site.originMm[1]) / site.cellMm,
    r: radius(stream, s) / site.cellMm,
    s,
  };
}

function radius({ radiusMm }: Stream, s: number): number {
  const next = radiusMm.findIndex((k) => k.at >= s);
  const [a, b] = [radiusMm[Math.max(0, next - 1)], radiusMm[next] ?? radiusMm[radiusMm.length - 1]];
  if (!a || !b) return 0;
  return b.at > a.at ? a.mm + ((b.mm - a.mm) * (s - a.at)) / (b.at - a.at) : b.mm;
}

/** The point at a share of a polyline's length. */
function along(path: Stream['pathMm'], share: number): readonly [number, number] {
  const first = path[0] ?? ([0, 0] as const);
  const lengths = path.slice(1).map((p, i) => Math.hypot(p[0] - path[i]![0], p[1] - path[i]![1]));
  let left = share * lengths.reduce((a, b) => a + b, 0);
  for (const [i, length] of lengths.entries()) {
    const [a, b] = [path[i]!, path[i + 1]!];
    if (left <= length && length > 0)
      return [a[0] + ((b[0] - a[0]) * left) / length, a[1] + ((b[1] - a[1]) * left) / length];
    left -= length;
  }
  return path.at(-1) ?? first;
}

/**
 * Adds a stream's paint to the cells under the middle of its disc: 2Q/(πr²)·(1 − d²/r²), scaled so that the cells get
 * exactly Q. A disc smaller than a cell gives all to the cell it stands on.
 * @param rate m³/s
 */
export function addFootprint(
  source: { [i: number]: number },
  disc: Disc,
  { grid, inside }: Site,
  rate: number,
): void {
  const [x, y] = [(disc.from.x + disc.to.x) / 2, (disc.from.y + disc.to.y) / 2];
  const r = (disc.from.r + disc.to.r) / 2;
  const cells: [number, number][] = [];
  let sum = 0;
  for (let cy = Math.floor(y - r); cy <= y + r; cy++)
    for (let cx = Math.floor(x - r); cx <= x + r; cx++) {
      const i = cy * grid.nx + cx;
      const weight = 1 - ((cx + 0.5 - x) ** 2 + (cy + 0.5 - y) ** 2) / (r * r);
      if (weight <= 0 || cx < 0 || cy < 0 || cx >= grid.nx || cy >= grid.ny || !inside[i]) continue;
      cells.push([i, weight]);
      sum += weight;
    }
  if (cells.length === 0) {
    cells.push([Math.floor(y) * grid.nx + Math.floor(x), 1]);
    sum = 1;
  }
  for (const [i, weight] of cells)
    source[i] = (source[i] ?? 0) + (rate * weight) / (sum * grid.dx * grid.dx);
}

/**
 * When, going back through a frame, a place first lies in a disc: 1 at the frame's end, 0 at its start; −1 if never.
 * Its way relative to the disc is straight and the radius changes evenly, so it is a quadratic, solved exactly.
 */
export function entry(disc: Disc, newX: number, newY: number, oldX: number, oldY: number): number {
  // Relative to the disc: at τ the place is a + b·τ, the radius r + dr·τ.
  const [ax, ay] = [newX - disc.from.x, newY - disc.from.y];
  const [bx, by] = [oldX - disc.to.x - ax, oldY - disc.to.y - ay];
  const dr = disc.to.r - disc.from.r;
  const c = ax * ax + ay * ay - disc.from.r ** 2;
  const b = 2 * (ax * bx + ay * by - disc.from.r * dr);
  const a = bx * bx + by * by - dr * dr;
  if (a + b + c <= 0) return 1;
  if (Math.abs(a) < 1e-12) {
    const tau = b === 0 ? -1 : -c / b;
    return tau >= 0 && tau <= 1 ? tau : -1;
  }
  const under = b * b - 4 * a * c;
  if (under < 0) return -1;
  const root = Math.sqrt(under);
  const later = Math.max((-b + root) / (2 * a), (-b - root) / (2 * a));
  const earlier = Math.min((-b + root) / (2 * a), (-b - root) / (2 * a));
  if (later >= 0 && later <= 1) return later;
  return earlier >= 0 && earlier <= 1 ? earlier : -1;
}

/** Under a stream lying on what is there, a film thinner than this is taken as poured through, m. */
const THROUGH_M = 0.3e-3;
/** Steps in which a level rises under a stream within a frame. */
const RISE_STEPS = 4;

/** On the way back through a frame: what came into the disc was born there. */
export function meet(traced: Traced, disc: Disc, source: number, frame: FrameSeen): void {
  const { x, y } = traced.kernel.samples;
  const old = traced.before;
  const [near, cx, cy] = [reachOf(disc), disc.from.x, disc.from.y];
  for (let k = traced.count - 1; k >= 0; k--) {
    if (Math.abs(x[k]! - cx) > near || Math.abs(y[k]! - cy) > near) continue;
    const tau = entry(disc, x[k]!, y[k]!, old.x[k]!, old.y[k]!);
    if (tau < 0) continue;
    const at = disc.core ? tau : risen(traced, k, disc, tau, frame);
    if (at < 0) continue;
    const px = x[k]! + (old.x[k]! - x[k]!) * at - mid(disc.from.x, disc.to.x, at);
    const py = y[k]! + (old.y[k]! - y[k]!) * at - mid(disc.from.y, disc.to.y, at);
    const r = mid(disc.from.r, disc.to.r, at);
    traced.born(k, source, mid(disc.from.s, disc.to.s, at), px / r, py / r);
  }
}

/**
 * A place under a stream that lies on what is there: going back, new paint above it goes and it rises; when it
 * reaches the surface it was born. Returns when, or −1 with its new level noted. Rising and flowing apart nearly
 * cancel under a steady stream, so they are taken together: Dz/Dt = [(z − F)·div Q − z·S]/h.
 */
function risen(
  { kernel, site, before }: Traced,
  k: number,
  disc: Disc,
  tau: number,
  { h, motion }: FrameSeen,
): number {
  const { x, y, z } = kernel.samples;
  const midX = x[k]! + ((before.x[k]! - x[k]!) * tau) / 2;
  const midY = y[k]! + ((before.y[k]! - y[k]!) * tau) / 2;
  const here = h ? fieldAt(h, site, midX, midY) : 0;
  if (here < THROUGH_M) return tau;
  const [px, py] = [midX - disc.from.x, midY - disc.from.y];
  const fresh = (Math.max(0, 1 - (px * px + py * py) / disc.from.r ** 2) * disc.peakM) / here;
  const apart = stretchAt(motion, site, midX, midY);
  // Outside the disc the frame moved it as any other place.
  let level = before.z[k]! + (z[k]! - before.z[k]!) * (1 - tau);
  const part = tau / RISE_STEPS;
  for (let n = 0; n < RISE_STEPS; n++) {
    const was = level;
    const below = level * level * (1.5 - 0.5 * level);
    level += part * (level * fresh - (level - below) * apart);
    if (level >= 1) {
      const within = level > was ? (1 - was) / (level - was) : 0;
      return tau - part * (n + Math.min(1, Math.max(0, within)));
    }
  }
  z[k] = Math.max(0, level);
  return -1;
}

/** How far the film flows apart in a frame at a place, as a share of its height. */
function stretchAt({ data, most }: Motion, site: Site, x: number, y: number): number {
  const plane = data.subarray((2 * data.length) / 3);
  return (fieldAt(plane, site, x, y) * most[2]) / WHOLE;
}

/** Farther than this from a disc's start no place can meet it within a frame, cells. */
const reachOf = ({ from, to }: Disc): number =>
  Math.max(from.r, to.r) + Math.hypot(to.x - from.x, to.y - from.y) + 4 * FRAME_CELLS;

const mid = (from: number, to: number, share: number): number => from + (to - from) * share;
