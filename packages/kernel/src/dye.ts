import {
  BIN_OF,
  BINS,
  BYTES,
  type Films,
  layOut,
  LIGHT,
  type MakeDye,
  MOST_RUNS,
  PAIRS,
} from '@potter/core/flow';
import { views } from './views';

/** What of the module of `assembly/index.ts` colours. */
interface DyeModule {
  readonly memory: WebAssembly.Memory;
  layOutDye(strataCount: number, inks: number, pixels: number): number;
  dye(count: number): void;
}

/** Pixels coloured at a time. */
const BLOCK = 4096;
/** Pairs of bands, in whole fours. */
const PADDED = 4 * Math.ceil(PAIRS / 4);

/** Makes dyes of a compiled module. */
export const dyesOf =
  (module: WebAssembly.Module): MakeDye =>
  (films) => {
    const kernel = new WebAssembly.Instance(module, {}).exports as unknown as DyeModule;
    const inks = films.names.length;
    const from = kernel.layOutDye(films.inkAt.length, inks, BLOCK);
    const take = views(kernel.memory.buffer, from);
    take(Uint8Array, films.inkAt.length).set(films.inkAt);
    fill(take(Float32Array, inks * BINS * 2 * PADDED), films);
    take(Float32Array, inks * BINS).set(films.through);
    take(Uint16Array, inks).set(films.hidesFrom);
    take(Float32Array, inks).set(films.shimmers);
    take(Uint16Array, BIN_OF.length).set(BIN_OF);
    take(Uint8Array, BYTES.length).set(BYTES);
    take(Float32Array, PADDED).set(films.ground);
    const light = take(Float32Array, 3 * PADDED);
    LIGHT.forEach((weights, c) => light.set(weights, c * PADDED));
    const count = take(Uint8Array, BLOCK);
    const strata = take(Uint16Array, BLOCK * MOST_RUNS);
    const ends = take(Uint16Array, BLOCK * MOST_RUNS);
    const filmUm = take(Float32Array, BLOCK);
    const cover = take(Uint8Array, BLOCK);
    const on = take(Uint8Array, BLOCK);
    const rgba = take(Uint8Array, 4 * BLOCK);
    const shimmer = take(Uint8Array, BLOCK);
    return (pixels, first, past, intoRgba, intoShimmer) => {
      for (let start = first; start < past; start += BLOCK) {
        const upTo = Math.min(past, start + BLOCK);
        count.set(pixels.columns.count.subarray(start, upTo));
        layOut(pixels.columns, start, upTo, strata, ends);
        filmUm.set(pixels.filmUm.subarray(start, upTo));
        cover.set(pixels.cover.subarray(start, upTo));
        on.set(pixels.on.subarray(start, upTo));
        kernel.dye(upTo - start);
        intoRgba.set(rgba.subarray(0, 4 * (upTo - start)), 4 * start);
        intoShimmer.set(shimmer.subarray(0, upTo - start), start);
      }
    };
  };

/** Films by ink and bin as the module reads them: reflectances padded to whole fours, then squared transmittances. */
function fill(into: Float32Array, { r, t2 }: Films): void {
  for (let row = 0; row * PAIRS < r.length; row++) {
    into.set(r.subarray(row * PAIRS, (row + 1) * PAIRS), 2 * PADDED * row);
    into.set(t2.subarray(row * PAIRS, (row + 1) * PAIRS), 2 * PADDED * row + PADDED);
  }
}
