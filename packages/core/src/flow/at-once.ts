import { DRY_M, type Film } from './film';
import type { Site } from './ground';
import type { Step } from './step';

/** What an act that happens at once does to the film, with its own way back. Places in cells. */
export interface AtOnce {
  /** Wet height of a place afterwards, m; undefined where it is not touched. Absent where heights stay. */
  readonly after?: (x: number, y: number) => number | undefined;
  /** Where what lies at a place and level afterwards was before; undefined where it lay as it lies. */
  readonly before: (
    x: number,
    y: number,
    z: number,
  ) => readonly [number, number, number] | undefined;
}

/** Carries it out as one step; what is laid down on dry ground holds no front back any more. */
export function atOnce(film: Film, site: Site, { after, before }: AtOnce): Step {
  if (after) reshape(film, site, after);
  return {
    weight: 0,
    back: ({ kernel: { samples }, count }) => {
      for (let k = 0; k < count; k++) {
        const from = before(samples.x[k]!, samples.y[k]!, samples.z[k]!);
        if (!from) continue;
        samples.x[k] = from[0];
        samples.y[k] = from[1];
        samples.z[k] = from[2];
      }
    },
  };
}

/** Gives the cells touched their new heights, so scaled that none of the paint is lost: cells only come near what an act reckons with. */
function reshape(film: Film, { inside, grid }: Site, after: NonNullable<AtOnce['after']>): void {
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
