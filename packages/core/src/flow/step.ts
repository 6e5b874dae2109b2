import type { Site } from './ground';
import type { FilmKernel } from './kernel';
import type { Over } from './margin';
import type { Motion } from './motion';
import type { Scraped, Taken } from './taken';

/** One thing that happened to the film, and its own way back for the trace. */
export interface Step {
  /** What it counts for in the progress told, in the weighted seconds of its act. */
  readonly weight: number;
  /** How long it took; nothing where it happened at once. */
  readonly seconds?: number;
  /** How the film moved, where it did: memory that may be used again once the pour is given up. It may be put into less (see `halve`). */
  motion?: Motion;
  /** Where paint came down meanwhile: of which acts, and what share of each had left by the end; see `Spot`. */
  readonly left?: readonly { readonly source: number; readonly s: number }[];
  /** What went over the edge meanwhile. */
  readonly over?: Over;
  /** What was taken off the face. */
  readonly taken?: Taken;
  /** What was taken off the sides. */
  readonly scraped?: Scraped;
  /** Takes places to where they were before it; what came into being in it is told as born. */
  readonly back: (traced: Traced) => void;
}

/**
 * Places on their way back through a pour: the first `count` of the kernel's samples, x, y in cells and z = height ÷ wet height.
 * A step moves them in place.
 */
export interface Traced {
  readonly kernel: FilmKernel;
  readonly site: Site;
  readonly count: number;
  /**
   * Notes a birth: of which act, what share of its paint had left, where across its stream. The place is done and the gap closed
   * with the last one, so go through places from the last to the first.
   */
  readonly born: (place: number, source: number, s: number, xi: number, eta: number) => void;
}
