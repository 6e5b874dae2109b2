import { acrossStream, type Disc, entry, mid, type Spot } from './disc';
import { bilinearAt, patchAt } from './field-at';
import type { FrameSeen } from './frame-seen';
import type { Site } from './ground';
import { MOST_EXCESS } from './layers';
import { LAYERED_PLANES, type Motion, PLANES, planesOf, WHOLE } from './motion';
import { fallOf, paceAt } from './profile';
import type { Traced } from './traced';

/** Under a stream lying on what is there, a film thinner than this is taken as poured through, m. */
const THROUGH_M = 0.3e-3;
/** Steps in which a level rises under a stream within a frame. */
const RISE_STEPS = 4;

/** Parts of a frame in which it is followed how high the film stands at a place, and how it flows meanwhile. */
const PARTS = 8;
/** Of the film of before so much stands around what lands on it and does not drive it (tuned). */
const AROUND = 0.5;
/** So much drives it anyway, m: where nothing lands a film flows evenly through the frame. */
const ANYWAY_M = 5e-5;

/** A place goes at no less of the mean than this, for whoever goes by that: right at the ground it stands still. */
const LEAST_PACE = 0.02;

/** Where the place is that is being followed, in cells. Not made anew: it is asked millions of times. */
const here = { x: 0, y: 0 };

/** On the way back through a frame: what came into the disc was born there. */
export function meet(traced: Traced, disc: Disc, source: number, frame: FrameSeen): void {
  const { amid, kernel } = traced;
  const { samples, before: old } = kernel;
  const { x, y } = samples;
  const near = kernel.near(disc, Math.max(disc.from.r, disc.to.r), traced.count);
  for (let n = near.length - 1; n >= 0; n--) {
    const k = near[n]!;
    const tau = entry(disc, x[k]!, y[k]!, old.x[k]!, old.y[k]!, amid?.until[k]);
    if (tau < 0) continue;
    here.x = x[k]! + (old.x[k]! - x[k]!) * tau;
    here.y = y[k]! + (old.y[k]! - y[k]!) * tau;
    const at = disc.core ? tau : risen(traced, k, disc, tau, frame);
    if (at < 0) continue;
    const px = here.x - mid(disc.from.x, disc.to.x, at);
    const py = here.y - mid(disc.from.y, disc.to.y, at);
    const r = mid(disc.from.r, disc.to.r, at);
    const left = mid(disc.from.s, disc.to.s, at);
    // It lay under the mouth before the cup stood there: where it came from is still to be found.
    if (left < 0) continue;
    // The mouth moved over it, and it stayed below what came from the cup.
    if (disc.to.below && stayedBelow(traced, k, disc, at)) continue;
    // What is left under the mouth when the cup is gone: the newest in the middle.
    const s =
      disc.core && disc.last && at === 1
        ? left + (1 - left) * Math.max(0, 1 - (px * px + py * py) / (r * r))
        : left;
    traced.born(k, source, s, ...acrossStream(disc.from, px / r, py / r));
  }
}

/** Whether a place that meets a mouth on its way back lay there before that. */
function stayedBelow({ kernel }: Traced, k: number, { from, to }: Disc, at: number): boolean {
  const { samples, before } = kernel;
  const z = samples.z[k]! + (before.z[k]! - samples.z[k]!) * at;
  const level = (spot: Spot) => (spot.below ? patchAt(spot.below, here.x, here.y) : 0);
  return z < mid(level(from), level(to), at);
}

/**
 * A place under a stream that lies on what is there: going back, new paint above it goes and it rises; when it
 * reaches the surface it was born. Returns when, and where that was stands in `here`; or −1 with its new place noted. Rising and flowing apart nearly
 * cancel under a steady stream, so they are taken together: Dz/Dt = [(z − F)·div Q − z·S]/h. The higher it is the faster it goes: at the pace the
 * frame took it along at, its own at the end, its paint would have come from nearer a stream's brink than it fell.
 */
function risen(
  { kernel, site }: Traced,
  k: number,
  disc: Disc,
  tau: number,
  { h, motion }: FrameSeen,
): number {
  const { samples, before } = kernel;
  const { x, y, z } = samples;
  const [alongX, alongY] = [before.x[k]! - x[k]!, before.y[k]! - y[k]!];
  const [midX, midY] = [here.x - (alongX * tau) / 2, here.y - (alongY * tau) / 2];
  const was = h ? patchAt(h[0], midX, midY) : 0;
  const is = h ? patchAt(h[1], midX, midY) : 0;
  if ((was + is) / 2 < THROUGH_M) return tau;
  follow(disc, midX, midY, was, is);
  const { apart, excess, across } = movedAt(motion, site, midX, midY);
  // Outside the disc the frame moved it as any other place.
  let level = before.z[k]! + (z[k]! - before.z[k]!) * (1 - tau);
  const part = tau / RISE_STEPS;
  const pace = Math.max(LEAST_PACE, paceAt((z[k]! + before.z[k]!) / 2, excess));
  let done = partAt(flowed, tau);
  const perFlow = tau / (done || 1);
  for (let n = 0; n < RISE_STEPS; n++) {
    const lower = level;
    // Where it stands under the disc, which moves meanwhile, and what lands on it there.
    const at = tau - part * (n + 0.5);
    const [px, py] = [here.x - (alongX * part) / 2, here.y - (alongY * part) / 2];
    const fresh = landingAt(disc, at, px, py) / partAt(heights, at);
    // Of what the frame does to it as much as flows in this part of the time.
    const left = partAt(flowed, tau - part * (n + 1));
    const flow = (done - left) * perFlow;
    done = left;
    // Midpoint rule (Runge 1895): what rises with its own height lags behind otherwise, and each layer would give the next some of its paint.
    // None goes below the ground, nor past the surface unborn: the profile is told between them only.
    const halfway = Math.min(
      1,
      Math.max(0, level + (part * level * fresh - flow * fallOf(level, apart, excess, across)) / 2),
    );
    level = Math.max(
      0,
      level + part * halfway * fresh - flow * fallOf(halfway, apart, excess, across),
    );
    const goes = (flow * paceAt(halfway, excess)) / pace;
    const rose = level > lower ? (1 - lower) / (level - lower) : 0;
    const share = level < 1 ? 1 : Math.min(1, Math.max(0, rose));
    here.x -= alongX * goes * share;
    here.y -= alongY * goes * share;
    if (level >= 1) return tau - part * (n + share);
  }
  x[k] = here.x;
  y[k] = here.y;
  z[k] = level;
  return -1;
}

/** What a disc lays on a place at a time of its frame, as height over the whole frame, m. */
function landingAt({ from, to, peakM }: Disc, at: number, x: number, y: number): number {
  const px = x - mid(from.x, to.x, at);
  const py = y - mid(from.y, to.y, at);
  const r = mid(from.r, to.r, at);
  return Math.max(0, 1 - (px * px + py * py) / (r * r)) * peakM;
}

/** At the ends of a frame's parts, for the place last followed: how high the film stands, m, and how much of the frame's flow is done. Not made anew: it is asked millions of times. */
const heights = new Float64Array(PARTS + 1);
const flowed = new Float64Array(PARTS + 1);

/**
 * Follows the film at a place through a frame from its height before to that after it: what lands comes while the disc is there, what flows away
 * goes as the film does. A film goes as h² times what slopes down from it (lubrication): where a stream comes only late in the frame, so does all that
 * flows. Told evenly, paint would have come from farther beside the stream, where less lands, and a stream that goes fast found again only to a tenth.
 */
function follow(disc: Disc, x: number, y: number, was: number, is: number): void {
  let stands = was;
  heights[0] = was;
  for (let n = 0; n < PARTS; n++)
    heights[n + 1] = stands += landingAt(disc, (n + 0.5) / PARTS, x, y) / PARTS;
  const away = stands - is;
  const around = AROUND * Math.min(was, is);
  flowed[0] = 0;
  for (let n = 0; n < PARTS; n++) {
    // As if it flowed away evenly, for as much as that tells of when it does.
    const height = (heights[n]! + heights[n + 1]!) / 2 - (away * (n + 0.5)) / PARTS;
    const drives = Math.max(0, height - around) + ANYWAY_M;
    flowed[n + 1] = flowed[n]! + Math.max(THROUGH_M / 2, height) ** 2 * drives;
  }
  const all = flowed[PARTS]!;
  for (let n = 1; n <= PARTS; n++) {
    flowed[n] = flowed[n]! / all;
    heights[n] = Math.max(THROUGH_M / 2, heights[n]! - away * flowed[n]!);
  }
}

/** What was followed, at a time of the frame: straight between the ends of its parts. */
function partAt(of: Float64Array, at: number): number {
  const n = Math.min(PARTS - 1, Math.floor(at * PARTS));
  return of[n]! + (of[n + 1]! - of[n]!) * (at * PARTS - n);
}

/** What `fallOf` asks of a frame at a place: how far the film flowed apart, and its profile there and along its way. */
function movedAt(motion: Motion, { inside, grid: { nx, ny } }: Site, x: number, y: number) {
  const { data, most } = motion;
  const n = inside.length;
  const at = (plane: number, px: number, py: number): number =>
    bilinearAt(data, nx, ny, px, py, plane * n) / WHOLE;
  const apart = at(2, x, y) * most[2];
  if (planesOf(motion, n) !== LAYERED_PLANES) return { apart, excess: 0, across: 0 };
  const across =
    at(0, x, y) * most[0] * (at(PLANES, x + 0.5, y) - at(PLANES, x - 0.5, y)) +
    at(1, x, y) * most[1] * (at(PLANES, x, y + 0.5) - at(PLANES, x, y - 0.5));
  return { apart, excess: at(PLANES, x, y) * MOST_EXCESS, across: across * MOST_EXCESS };
}
