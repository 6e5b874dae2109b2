import { DRY_M, type Film } from './film';
import type { Site } from './ground';
import type { Back } from './traced';

/** Where what lies at a place and level after an act was before it; undefined where it lay as it lies. Places in cells. */
export type Before = (
  x: number,
  y: number,
  z: number,
) => readonly [number, number, number] | undefined;

/** Wet height of a place after an act, m; undefined where it is not touched. */
type After = (x: number, y: number) => number | undefined;

/** What an act that happens at once does to the film. */
export interface AtOnce {
  readonly after: After;
  readonly before: Before;
}

/** The way back through such an act. */
export const backBy =
  (before: Before): Back =>
  ({ kernel: { samples }, count }) => {
    for (let k = 0; k < count; k++) {
      const from = before(samples.x[k]!, samples.y[k]!, samples.z[k]!);
      if (!from) continue;
      samples.x[k] = from[0];
      samples.y[k] = from[1];
      samples.z[k] = from[2];
    }
  };

/**
 * Gives the cells touched their new heights, so scaled that none of the paint is lost: cells only come near what an act reckons with. What is laid
 * down on dry ground holds no front back any more.
 */
export function reshape(film: Film, { inside, grid }: Site, after: After): void {
  const { h, lower, ground } = film;
  const touched: number[] = [];
  let stood = 0;
  let stands = 0;
  for (let i = 0; i < inside.length; i++) {
    const now = inside[i] ? after((i % grid.nx) + 0.5, Math.floor(i / grid.nx) + 0.5) : undefined;
    if (now === undefined) continue;
    touched.push(i);
    stood += h[i]!;
    stands += now;
    h[i] = now;
  }
  for (const i of touched) {
    h[i] = h[i]! * (stands > 0 ? stood / stands : 1);
    lower[i] = Math.min(lower[i]!, h[i]!);
    if (h[i]! >= DRY_M) ground[i] = 0;
  }
}
