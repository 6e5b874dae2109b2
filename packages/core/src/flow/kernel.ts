import { type Circulation, circulateBack } from './circulation';
import { bareFilm, type Film } from './film';
import type { Drive, Grid } from './grid';
import { type Motion, motionOf, motionSpace, unpack, whole } from './motion';
import { stepFilm } from './sweep';
import { sweepLines } from './sweep-lines';
import { CHANNELS, type Samples, traceFrame } from './trace-frame';
import { nearest, type Way } from './way';

/**
 * What the heavy work runs on: one film and one block of samples, with the loops over them.
 * `@potter/kernel` makes one in WebAssembly; `plainKernel` is its twin and fall-back.
 */
export interface FilmKernel {
  readonly film: Film;
  readonly samples: Samples;
  /** Where the samples were before the frame under way; written by whoever asks for it. */
  readonly before: Samples;
  /** See `stepFilm`. */
  step(drive: Drive, dtS: number, xFirst: boolean): void;
  /** Begins a frame: notes the heights and sums fluxes anew. */
  beginFrame(): void;
  /** How the film moved since; see `motionOf`. `into` is memory it may be written to, of the right length. */
  endFrame(drive: Drive, into?: Int16Array): Motion;
  /** Takes the first `count` samples back through a motion; see `traceFrame`. */
  trace(motion: Motion, count: number): void;
  /** See `circulateBack`. */
  circulate(round: Circulation, count: number): void;
  /**
   * Which of the first `count` samples, on their straight way from where they are to `before`, a frame's beginning and its end, come as near as
   * `reach` to what goes this way meanwhile, in cells, in their order, or miss it by a hair; good until it is asked again.
   */
  near(way: Way, reach: number, count: number): Int32Array;
}

/** Makes a kernel for a grid whose sides are multiples of four, with room for that many samples. */
export type MakeKernel = (grid: Grid, sampleCount: number) => FilmKernel;

/** The kernel in plain TypeScript, double precision. */
export const plainKernel: MakeKernel = (grid, sampleCount) => {
  const film = bareFilm(grid);
  const lines = sweepLines(grid);
  const space = motionSpace(grid);
  const before = new Float64Array(film.h.length);
  const field = new Float64Array(film.h.length * CHANNELS);
  const floats = () => new Float64Array(sampleCount);
  const samples = { x: floats(), y: floats(), z: floats() };
  const was = { x: floats(), y: floats(), z: floats() };
  const nearby = new Int32Array(sampleCount);
  return {
    film,
    samples,
    before: was,
    step: (drive, dtS, xFirst) => stepFilm(film, drive, dtS, xFirst, lines),
    beginFrame: () => {
      before.set(film.h);
      film.fluxX.fill(0);
      film.fluxY.fill(0);
    },
    endFrame: (drive, into) => motionOf(film, before, space, drive, into),
    trace: (motion, count) => {
      unpack(whole(motion, grid), field);
      traceFrame(field, grid, samples, count, motion.box);
    },
    circulate: (round, count) => circulateBack(round, samples, count),
    near: (way, reach, count) => {
      const { x, y } = samples;
      let found = 0;
      for (let k = 0; k < count; k++)
        if (nearest(way, x[k]!, y[k]!, was.x[k]!, was.y[k]!) <= reach) nearby[found++] = k;
      return nearby.subarray(0, found);
    },
  };
};
