import { addArriving } from './add';
import { carryLine } from './carry';
import { DRY_M, type Film, upperShare } from './film';
import type { Drive } from './grid';
import { fluidityOf, type Layers, paceOfLower } from './layers';
import { tellStanding } from './standing';
import { type SweepLines, sweepLines } from './sweep-lines';

/** Below this a face carries nothing, m: it keeps single-precision heights from becoming denormal numbers. */
const NOTHING_M = 1e-8;

/**
 * One step of the film's height, in place: h_t + div Q = S with Q = h³/(3ν)·G + τ/ρ·h²/(2ν), G the slope, tilt and push, τ the
 * shear at its surface (lubrication theory). Each direction is swept on its own, linearly implicit with mobility from the old height and
 * upwind transport, so that heights stay positive and volume is kept for any `dtS`. The sweeps change order with
 * `xFirst`; alternate it to keep both directions alike. Where the drive has layers, the fluidity is each cell's own and both films are
 * carried along. The kernel of `@potter/kernel` does the same in single precision.
 */
export function stepFilm(
  film: Film,
  drive: Drive,
  dtS: number,
  xFirst: boolean,
  lines: SweepLines = sweepLines(film.grid),
): void {
  const { nx, ny } = film.grid;
  const { layers } = drive;
  if (layers?.stands) tellStanding(film, drive, layers, layers.stands);
  addArriving(film, dtS, layers?.arrivingNu);
  if (!layers) film.fluidity.fill(1 / drive.nu);
  else if (!layers.stands) setFluidity(film, layers);
  const sweepX = () => {
    for (let y = 0; y < ny; y++) sweepLine(film, y * nx, 1, nx, drive, dtS, true, lines);
  };
  const sweepY = () => {
    for (let x = 0; x < nx; x++) sweepLine(film, x, nx, ny, drive, dtS, false, lines);
  };
  if (xFirst) sweepX();
  sweepY();
  if (!xFirst) sweepX();
}

/** How each cell's two films run together; none stands higher than all of it. */
function setFluidity(film: Film, { lowerNu }: Layers): void {
  const { h, lower, lnNu, fluidity } = film;
  for (let i = 0; i < h.length; i++) {
    lower[i] = Math.min(lower[i]!, h[i]!);
    fluidity[i] = fluidityOf(upperShare(film, i), lowerNu, Math.exp(lnNu[i]!));
  }
}

/** Solves one row or column. Face i lies between cells i − 1 and i; faces 0 and n are never crossed: both sides are outside. */
function sweepLine(
  film: Film,
  start: number,
  stride: number,
  n: number,
  drive: Drive,
  dtS: number,
  alongX: boolean,
  lines: SweepLines,
): void {
  const { upper, right, ahead, back, crossed, pace, upperWas } = lines;
  const { h, ground, fluidity, lower } = film;
  const { dx } = film.grid;
  const { gz, fields, layers } = drive;
  const flux = alongX ? film.fluxX : film.fluxY;
  const rate = dtS / dx;
  const tilt = alongX ? drive.gx : drive.gy;
  const push = alongX ? film.pushX : film.pushY;
  const shear = alongX ? film.shearX : film.shearY;
  const slope = gz / dx;
  ahead[0] = back[0] = ahead[n] = back[n] = 0;
  for (let i = 1; i < n; i++) {
    const b = start + i * stride;
    const a = b - stride;
    const left = h[a]!;
    const next = h[b]!;
    const groundLeft = ground[a]!;
    const groundNext = ground[b]!;
    ahead[i] = back[i] = 0;
    if (left + next < NOTHING_M) continue;
    const pull = fields ? tilt + 0.5 * (push[a]! + push[b]!) : tilt;
    const drag = fields ? 0.5 * (shear[a]! + shear[b]!) : 0;
    if (groundLeft >= 0 && groundNext >= 0) {
      // Spreading by the slope of the surface, mean mobility so that fronts can move onto dry ground.
      const runsLeft = fluidity[a]!;
      const runsNext = fluidity[b]!;
      const spread = (slope * (left * left * left * runsLeft + next * next * next * runsNext)) / 6;
      // What flows down a tilt, or is dragged, is as high as it comes to the face: see `towardFace`.
      const before = i > 1 && ground[a - stride]! >= 0 ? h[a - stride]! : left;
      const beyond = i + 1 < n && ground[b + stride]! >= 0 ? h[b + stride]! : next;
      const toFace = (toward: number): number =>
        toward > 0 ? towardFace(before, left, next) : towardFace(beyond, next, left);
      const drift =
        (pull * (pull > 0 ? left * left * runsLeft : next * next * runsNext) * toFace(pull) ** 3) /
        3;
      const dragged =
        (drag * (drag > 0 ? left * runsLeft : next * runsNext) * toFace(drag) ** 2) / 2;
      const stop = arrest(left, next, groundLeft, groundNext, pull, drag, slope, gz, dx);
      ahead[i] = stop * (spread + Math.max(drift, 0) + Math.max(dragged, 0));
      back[i] = stop * (spread - Math.min(drift, 0) - Math.min(dragged, 0));
    } else if (groundLeft >= 0)
      ahead[i] = spill(left, -groundNext, pull, drag, slope, fluidity[a]!);
    else if (groundNext >= 0) back[i] = spill(next, -groundLeft, -pull, -drag, slope, fluidity[b]!);
  }
  if (layers)
    for (let i = 0; i < n; i++) {
      const at = start + i * stride;
      const share = h[at]! > 0 ? lower[at]! / h[at]! : 0;
      pace[i] = paceOfLower(share, layers.lowerNu, fluidity[at]!);
      upperWas[i] = h[at]! - lower[at]!;
    }
  // h' + rate·(q right − q left) = h with q = ahead·h'(left) − back·h'(right): diagonally dominant, so Thomas is safe.
  for (let i = 0; i < n; i++) {
    const toLeft = -rate * ahead[i]!;
    let pivot = 1 + rate * (ahead[i + 1]! + back[i]!);
    let known = h[start + i * stride]!;
    if (i > 0) {
      pivot -= toLeft * upper[i - 1]!;
      known -= toLeft * right[i - 1]!;
    }
    upper[i] = (-rate * back[i + 1]!) / pivot;
    right[i] = known / pivot;
  }
  let beyond = 0;
  for (let i = n - 1; i >= 0; i--) {
    const at = start + i * stride;
    const value = right[i]! - upper[i]! * beyond;
    // What crosses the face ahead is taken from this cell and given to that one, to the last bit: heights solved for would
    // each be rounded by itself, and a tray would gain or lose over an hour.
    if (i < n - 1) {
      const rises = rate * (ahead[i + 1]! * value - back[i + 1]! * beyond);
      crossed[i + 1] = rises;
      flux[at + stride] = flux[at + stride]! + dx * rises;
      h[at + stride] = Math.max(0, h[at + stride]! + rises);
      h[at] = h[at]! - rises;
    }
    beyond = value;
  }
  crossed[0] = crossed[n] = 0;
  if (layers) carryLine(film, start, stride, n, lines);
}

/**
 * Height at a face ÷ that of the cell paint comes from: a line through the cell by the smaller of the steps to both sides, none at a crest or a hollow (van
 * Leer 1979 with Roe's minmod). As high as the cell's middle, what runs down a tilt would blur as it goes, by half a cell's length each time it
 * crosses one. Between a half and three halves, for no step down is longer than the cell is high.
 */
function towardFace(behind: number, own: number, ahead: number): number {
  const [came, goes] = [own - behind, ahead - own];
  if (!((came > 0 && goes > 0) || (came < 0 && goes < 0)) || own <= 0) return 1;
  return 1 + (Math.abs(came) < Math.abs(goes) ? came : goes) / (2 * own);
}

/**
 * Share of its flux a front keeps where wet meets dry ground: surface tension holds back g·heq²/(2h) of the pressure,
 * so a front stops at the height heq. 1 inside the film.
 */
function arrest(
  left: number,
  next: number,
  groundLeft: number,
  groundNext: number,
  pull: number,
  drag: number,
  slope: number,
  gz: number,
  dx: number,
): number {
  const wetLeft = left >= DRY_M;
  if (wetLeft === next >= DRY_M) return 1;
  const wet = wetLeft ? left : next;
  const heq = wetLeft ? groundNext : groundLeft;
  // A shear τ/ρ moves as much as a push of 1.5 τ/(ρh): h²/2ν against h³/3ν.
  const forced = pull + (1.5 * drag) / wet;
  const push = (wetLeft ? forced : -forced) + slope * wet;
  if (push <= 0) return heq > 0 ? 0 : 1;
  return Math.max(0, push - (gz * heq * heq) / (wet * dx)) / push;
}

/**
 * Outflow per height over an edge that holds back `lip`: h²/3ν·(pull outward + slope of what stands above the lip).
 * Our own closure, not validated.
 */
function spill(
  height: number,
  lip: number,
  pull: number,
  drag: number,
  slope: number,
  fluidity: number,
): number {
  if (height <= lip) return 0;
  const outward = Math.max(0, pull + (1.5 * drag) / height);
  return (height * height * fluidity * (outward + slope * (height - lip))) / 3;
}
