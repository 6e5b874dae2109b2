import { addFootprint } from '../disc';
import { fieldAt } from '../field-at';
import { DRY_M, type Film } from '../film';
import type { Site } from '../ground';
import { laminate, type Portion, portionMl, strataKey, thicknessOf, withMore } from '../lamination';
import type { Step } from '../step';
import type { Back } from '../traced';
import { type ActDefinition, shiftedAll, type UnderWay } from './define';

/** Drops let fall one after the other, all alike: each stands in the film down to the ground and pushes outward what was there. */
export interface Drop extends Portion {
  readonly kind: 'drop';
  readonly spotsMm: readonly (readonly [number, number])[];
}

/** It makes room for itself out to so many of its radii; beyond, nothing moves. */
const REACH = 3;
/** Thinner than this a drop does not spread at once, m. */
const LEAST_M = 0.8e-3;

export const drop: ActDefinition<Drop, Fallen> = {
  id: 'drop',
  weight: () => 0,
  brings: ({ strata }) => strata,
  key: (act) => ({ ...act, strata: strataKey(act) }),
  strays: (act, { byMm, moreMl }) => ({
    ...act,
    spotsMm: shiftedAll(act.spotsMm, byMm),
    strata: withMore(act.strata, moreMl),
  }),
  began: ({ spotsMm }, { site: { originMm, cellMm } }) => {
    const [x, y] = spotsMm[0]!;
    return [(x + originMm[0]) / cellMm, (y + originMm[1]) / cellMm];
  },
  *run(act, under) {
    const { originMm, cellMm } = under.site;
    const count = act.spotsMm.length;
    const m3 = (portionMl(act) * 1e-6) / count;
    const nuAt = thicknessOf(act, under.nuOf);
    under.laid(m3 * count);
    for (const [n, [xMm, yMm]] of act.spotsMm.entries()) {
      const [x, y] = [(xMm + originMm[0]) / cellMm, (yMm + originMm[1]) / cellMm];
      const from = n / count;
      yield fall(under, { x, y, m3, from, to: (n + 1) / count, nu: nuAt(from) });
    }
  },
  back: (_, fallen, { source }) => backThrough(fallen, source),
  strata: laminate,
};

/** One drop: where it falls, cells, what it is, and from what share to what of all drops' paint. */
interface Falling {
  readonly x: number;
  readonly y: number;
  readonly m3: number;
  readonly from: number;
  readonly to: number;
  readonly nu: number;
}

/** A drop that has fallen: its middle and radius, cells, and from what share to what of all drops' paint it is. */
interface Fallen extends Pick<Falling, 'x' | 'y' | 'from' | 'to'> {
  readonly r0: number;
}

/** The area round it that it presses together is so much less afterwards. */
const SQUEEZED = 1 - 1 / (REACH * REACH);

/** Where what lies so far from the middle of a drop of radius `r0` lay before, as a share of that; undefined within the drop. */
const before = (r: number, r0: number): number | undefined =>
  r <= r0 ? undefined : Math.sqrt((r * r - r0 * r0) / SQUEEZED) / r;

/**
 * What lay r from its middle lies √(r0² + r²(1 − r0²/R²)) from it afterwards (an ink drop's r → √(r² + r0²), Lu, Jaffer and others 2012, from
 * memory, ended at R): area is pressed together evenly, so the film round it rises by 1 ÷ (1 − r0²/R²).
 */
function fall(under: UnderWay, { x, y, m3, from, to, nu }: Falling): Step<Fallen> {
  const { site, source, kernel } = under;
  const { film } = kernel;
  const h = Float32Array.from(film.h);
  const heightM = Math.max(LEAST_M, fieldAt(h, site, x, y));
  const r0 = Math.sqrt(m3 / (Math.PI * heightM)) / site.grid.dx;
  const far = REACH * r0;
  const spot = { x, y, r: r0, s: from, turned: 0 };
  const missed = addFootprint({}, spot, site, 1);
  const off = missed.reduce((sum, share) => sum + share, 0);
  under.missed(source, missed, m3, spot);
  stand(film, site, { x, y, r0, far, heightM, came: m3 * (1 - off), nu }, (cx, cy, r) => {
    const share = before(r, r0)!;
    return fieldAt(h, site, x + (cx - x) * share, y + (cy - y) * share) / SQUEEZED;
  });
  return { weight: 0, left: [{ source, s: to }], did: { x, y, r0, from, to } };
}

/** The way back through it: what lies in it was born, what lies round it was pushed out there. */
const backThrough =
  ({ x, y, r0, from, to }: Fallen, source: number): Back =>
  ({ kernel: { samples }, count, born }) => {
    const { x: xs, y: ys } = samples;
    for (let k = count - 1; k >= 0; k--) {
      const [dx, dy] = [xs[k]! - x, ys[k]! - y];
      const r = Math.hypot(dx, dy);
      if (r >= REACH * r0) continue;
      const share = before(r, r0);
      if (share === undefined) {
        // The first of a drop lands first and is pushed outward by the rest of it.
        const s = to - (to - from) * (r / r0) ** 2;
        born(k, source, s, dx / r0, dy / r0);
      } else {
        xs[k] = x + dx * share;
        ys[k] = y + dy * share;
      }
    }
  };

/** Gives the cells round a drop their new heights, so scaled that exactly what came is there more. */
function stand(
  { h, lower, lnNu, ground, grid }: Film,
  { inside }: Site,
  drop: {
    readonly x: number;
    readonly y: number;
    readonly r0: number;
    readonly far: number;
    readonly heightM: number;
    readonly came: number;
    readonly nu: number;
  },
  pushed: (x: number, y: number, r: number) => number,
): void {
  const touched: number[] = [];
  let stood = 0;
  let stands = 0;
  const [top, bottom] = [Math.floor(drop.y - drop.far), Math.ceil(drop.y + drop.far)];
  const [left, right] = [Math.floor(drop.x - drop.far), Math.ceil(drop.x + drop.far)];
  for (let cy = Math.max(0, top); cy <= Math.min(grid.ny - 1, bottom); cy++)
    for (let cx = Math.max(0, left); cx <= Math.min(grid.nx - 1, right); cx++) {
      const i = cy * grid.nx + cx;
      const r = Math.hypot(cx + 0.5 - drop.x, cy + 0.5 - drop.y);
      if (!inside[i] || r >= drop.far) continue;
      touched.push(i);
      stood += h[i]!;
      const own = r <= drop.r0;
      h[i] = own ? drop.heightM : pushed(cx + 0.5, cy + 0.5, r);
      if (own) {
        lower[i] = 0;
        lnNu[i] = Math.log(drop.nu);
      }
      stands += h[i]!;
    }
  const whole = stood + drop.came / (grid.dx * grid.dx);
  // A drop smaller than a cell stands on the one it falls on.
  if (touched.length === 0 || stands <= 0) {
    const i = Math.floor(drop.y) * grid.nx + Math.floor(drop.x);
    if (inside[i]) h[i] = h[i]! + drop.came / (grid.dx * grid.dx);
    return;
  }
  for (const i of touched) {
    h[i] = (h[i]! * whole) / stands;
    lower[i] = Math.min(lower[i]!, h[i]!);
    if (h[i]! >= DRY_M) ground[i] = 0;
  }
}
