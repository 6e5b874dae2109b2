import type { Site } from './ground';
import type { FilmKernel } from './kernel';

/**
 * Places on their way back through a pour: the first `count` of the kernel's samples, x, y in cells and z = height ÷ wet height.
 * A step moves them in place.
 */
export interface Traced {
  readonly kernel: FilmKernel;
  readonly site: Site;
  readonly count: number;
  /** Who sets out amid the step: places from `from` on, which come last; `until`: how far through it each place came, 0..1. Absent where all came through the whole of it. */
  readonly amid?: { readonly from: number; readonly until: Float32Array };
  /**
   * Notes a birth: of which act, what share of its paint had left, where across its stream. The place is done and the gap closed
   * with the last one, so go through places from the last to the first.
   */
  readonly born: (place: number, source: number, s: number, xi: number, eta: number) => void;
}

/** Takes places to where they were before a step; what came into being in it is told as born. */
export type Back = (traced: Traced) => void;
