import { frames } from '../frames';
import { GRAVITY, tilted } from '../grid';
import type { Site } from '../ground';
import { fractal } from '../noise';
import { takeOff } from '../taken';
import type { ActDefinition } from './define';

/**
 * The piece laid face down on what was poured, pressed and lifted. What was poured on a sheet is computed on the face it comes to lie on: between
 * the two it is squeezed out over the edges, then it parts, and what was deep in it shows.
 */
export interface Dip {
  readonly kind: 'dip';
  /** How long it is pressed, s. */
  readonly s: number;
  /** Share of the film that comes up with the piece, 0..1. */
  readonly keeps: number;
  /** A hand's pressure drives the film apart as its own weight does, so many times over. */
  readonly presses: number;
}

/** A film parts unevenly, in branches about so wide, by so much of either side's share (tuned by eye). */
const BRANCH_MM = 9;
const UNEVEN = 0.3;

export const dip: ActDefinition<Dip> = {
  id: 'dip',
  weight: ({ s }) => s,
  brings: () => [],
  key: (act) => act,
  strays: (act, { slower }) => ({ ...act, s: act.s * slower }),
  *run(act, under) {
    const { s, presses } = act;
    const { kernel, site, seed } = under;
    const { film } = kernel;
    const pressed = { ...tilted(under.nu), gz: presses * GRAVITY };
    if (s > 0) yield* frames(under, { s, felt: 1, driveAt: () => pressed });
    const staysWith = keptBy(act, site, seed);
    const taken = takeOff(film.h, site, (x, y) => [0, 1 - staysWith(x, y)]);
    // What lay on top lies on the piece now: no lower film is told apart in it any more.
    film.lower.fill(0);
    yield { weight: 0, taken };
  },
  back: (act, _, { site, seed }) => {
    const staysWith = keptBy(act, site, seed);
    return ({ kernel: { samples }, count }) => {
      for (let k = 0; k < count; k++)
        samples.z[k] = 1 - samples.z[k]! * staysWith(samples.x[k]!, samples.y[k]!);
    };
  },
};

/** The share of the film that comes up at a place, cells. */
const keptBy =
  ({ keeps }: Dip, { cellMm }: Site, seed: number) =>
  (x: number, y: number): number => {
    const mm = cellMm / BRANCH_MM;
    return keeps + UNEVEN * fractal(x * mm, y * mm, 0, seed) * Math.min(keeps, 1 - keeps);
  };
