import { patchAt } from './field-at';
import type { Site } from './ground';
import type { Moves } from './pulled-off';
import type { Step } from './step';

/** A bell is felt no farther than so many of its widths. */
const FAR = 3;

/**
 * The way back through a film whose surface was carried by places that moved through it, all in cells: on them by `takes` of their own way, beside them
 * less by a bell, their mean where they lie close; below the surface in proportion to the height, for the ground holds the film.
 * @param moves no farther apart than half a bell
 * @param bell its width, the deviation of a Gaussian
 */
export function carriedBy(moves: Moves, takes: number, bell: number, site: Site): Step['back'] {
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
  const [byX, byY, weight] = [0, 1, 2].map(() => new Float32Array(across * down)) as [
    Float32Array,
    Float32Array,
    Float32Array,
  ];
  for (const [x, y, dx, dy] of moves)
    for (let cy = Math.max(top, Math.floor(y - reach)); cy <= Math.min(bottom, y + reach); cy++)
      for (let cx = Math.max(left, Math.floor(x - reach)); cx <= Math.min(right, x + reach); cx++) {
        const apart = (cx + 0.5 - x) ** 2 + (cy + 0.5 - y) ** 2;
        if (apart > reach * reach) continue;
        const w = Math.exp(-apart / (2 * bell * bell));
        const i = (cy - top) * across + cx - left;
        weight[i] = weight[i]! + w;
        byX[i] = byX[i]! + w * dx;
        byY[i] = byY[i]! + w * dy;
      }
  // On one straight line of places a Gaussian sums to √(2π)·bell ÷ their distance.
  const gap = meanGap(moves);
  const alone = (Math.sqrt(2 * Math.PI) * bell) / gap;
  for (let i = 0; i < weight.length; i++) {
    const share = takes / Math.max(alone, weight[i]!);
    byX[i] = byX[i]! * share;
    byY[i] = byY[i]! * share;
  }
  const patch = { left, top, across, down };
  return ({ kernel: { samples }, count }) => {
    for (let k = 0; k < count; k++) {
      const [x, y] = [samples.x[k]!, samples.y[k]!];
      if (x < left || x > right + 1 || y < top || y > bottom + 1) continue;
      const z = samples.z[k]!;
      samples.x[k] = x - z * patchAt({ ...patch, field: byX }, x, y);
      samples.y[k] = y - z * patchAt({ ...patch, field: byY }, x, y);
    }
  };
}

function meanGap(moves: Moves): number {
  let sum = 0;
  for (let k = 1; k < moves.length; k++)
    sum += Math.hypot(moves[k]![0] - moves[k - 1]![0], moves[k]![1] - moves[k - 1]![1]);
  return moves.length > 1 ? Math.max(1e-6, sum / (moves.length - 1)) : 1;
}
