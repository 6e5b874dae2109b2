import type { Site } from './ground';
import type { Moves } from './pulled-off';
import type { Back } from './traced';

/** A bell is felt no farther than so many of its widths. */
const FAR = 3;

/** How a part of the surface went in one stretch: cells along x and along y, interleaved, row-major, `across` × `down` cells from `left`, `top`. */
interface Carried {
  readonly left: number;
  readonly top: number;
  readonly across: number;
  readonly down: number;
  readonly by: Float32Array;
}

/**
 * The way back through a film whose surface was carried by places that moved through it, stretch by stretch, all in cells: on them by `takes` of their
 * own way, beside them less by a bell, their mean where they lie close; below the surface in proportion to the height, for the ground holds the film.
 * @param stretches what moved in each, in order, no farther apart than half a bell
 * @param bell its width, the deviation of a Gaussian
 */
export function carriedBy(
  stretches: readonly Moves[],
  takes: number,
  bell: number,
  site: Site,
): Back {
  const carried = stretches.map((moves) => carriedIn(moves, takes, bell, site));
  const least = (of: (one: Carried) => number) => Math.min(...carried.map(of));
  const [left, top] = [least((c) => c.left), least((c) => c.top)];
  const right = -least((c) => -(c.left + c.across));
  const bottom = -least((c) => -(c.top + c.down));
  return ({ kernel: { samples }, count }) => {
    const { x: xs, y: ys, z: zs } = samples;
    for (let k = 0; k < count; k++) {
      let [x, y] = [xs[k]!, ys[k]!];
      // Most of a film is nowhere near, and whatever is stays there.
      if (x < left || x > right || y < top || y > bottom) continue;
      const z = zs[k]!;
      for (let n = carried.length - 1; n >= 0; n--) {
        const { left: l, top: t, across, down, by } = carried[n]!;
        if (x < l || y < t || x > l + across || y > t + down) continue;
        const px = Math.min(Math.max(x - l - 0.5, 0), across - 1.001);
        const py = Math.min(Math.max(y - t - 0.5, 0), down - 1.001);
        const ix = Math.floor(px);
        const iy = Math.floor(py);
        const [fx, fy] = [px - ix, py - iy];
        const at = 2 * (iy * across + ix);
        const below = at + 2 * across;
        const topX = by[at]! + (by[at + 2]! - by[at]!) * fx;
        const lowX = by[below]! + (by[below + 2]! - by[below]!) * fx;
        const topY = by[at + 1]! + (by[at + 3]! - by[at + 1]!) * fx;
        const lowY = by[below + 1]! + (by[below + 3]! - by[below + 1]!) * fx;
        x -= z * (topX + (lowX - topX) * fy);
        y -= z * (topY + (lowY - topY) * fy);
      }
      xs[k] = x;
      ys[k] = y;
    }
  };
}

function carriedIn(moves: Moves, takes: number, bell: number, site: Site): Carried {
  const { nx, ny } = site.grid;
  const reach = FAR * bell;
  const [xs, ys] = [moves.map(([x]) => x), moves.map(([, y]) => y)];
  const clamp = (v: number, most: number) => Math.min(most, Math.max(0, v));
  const left = clamp(Math.floor(Math.min(...xs) - reach), nx - 2);
  const right = clamp(Math.ceil(Math.max(...xs) + reach), nx - 1);
  const top = clamp(Math.floor(Math.min(...ys) - reach), ny - 2);
  const bottom = clamp(Math.ceil(Math.max(...ys) + reach), ny - 1);
  const across = Math.max(2, right - left + 1);
  const down = Math.max(2, bottom - top + 1);
  const by = new Float32Array(2 * across * down);
  const weight = new Float32Array(across * down);
  for (const [x, y, dx, dy] of moves)
    for (let cy = Math.max(top, Math.floor(y - reach)); cy <= Math.min(bottom, y + reach); cy++)
      for (let cx = Math.max(left, Math.floor(x - reach)); cx <= Math.min(right, x + reach); cx++) {
        const apart = (cx + 0.5 - x) ** 2 + (cy + 0.5 - y) ** 2;
        if (apart > reach * reach) continue;
        const w = Math.exp(-apart / (2 * bell * bell));
        const i = (cy - top) * across + cx - left;
        weight[i] = weight[i]! + w;
        by[2 * i] = by[2 * i]! + w * dx;
        by[2 * i + 1] = by[2 * i + 1]! + w * dy;
      }
  // On one straight line of places a Gaussian sums to √(2π)·bell ÷ their distance.
  const alone = (Math.sqrt(2 * Math.PI) * bell) / meanGap(moves);
  for (let i = 0; i < weight.length; i++) {
    const share = takes / Math.max(alone, weight[i]!);
    by[2 * i] = by[2 * i]! * share;
    by[2 * i + 1] = by[2 * i + 1]! * share;
  }
  return { left, top, across, down, by };
}

function meanGap(moves: Moves): number {
  let sum = 0;
  for (let k = 1; k < moves.length; k++)
    sum += Math.hypot(moves[k]![0] - moves[k - 1]![0], moves[k]![1] - moves[k - 1]![1]);
  return moves.length > 1 ? Math.max(1e-6, sum / (moves.length - 1)) : 1;
}
