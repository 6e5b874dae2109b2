import { encode } from '../optics/srgb';
import { BINS, emptyColumn, type Films, LIGHT, PAIRS, readColumn } from './films';
import type { Plate } from './develop';

/** What a pixel is coloured from. */
type Pixels = Pick<Plate, 'columns' | 'filmUm' | 'cover' | 'on'>;

/**
 * Colours pixels `from` to before `upTo`: red, green, blue, alpha into `rgba`, and how much of what is seen shimmers, 0..255, into `shimmer`.
 * Each pixel's strata are Kubelka-Munk films one on the other, from the ground up (Kubelka 1948: the reflectance of what lies below
 * is the ground of the film above).
 */
export type Dye = (
  pixels: Pixels,
  from: number,
  upTo: number,
  rgba: Uint8ClampedArray,
  shimmer: Uint8Array,
) => void;

/** Makes a dye of a palette's films. `@potter/kernel` has one in WebAssembly; `plainDye` is its twin and fall-back. */
export type MakeDye = (films: Films) => Dye;

export const plainDye: MakeDye = (films) => {
  const { r, t2, through, shimmers, ground } = films;
  const column = emptyColumn();
  const light = new Float64Array(PAIRS);
  const bare = new Uint8Array(3);
  writeBytes(ground, bare);
  const own = new Uint8Array(3);
  return ({ columns, filmUm, cover, on }, from, upTo, rgba, shimmer) => {
    for (let i = from; i < upTo; i++) {
      rgba[4 * i + 3] = on[i]!;
      if (!on[i]) continue;
      const covered = columns.count[i] === 0 ? 0 : cover[i]!;
      own.set(bare);
      let shines = 0;
      if (covered > 0) {
        readColumn({ columns, filmUm }, i, films, column);
        light.set(ground);
        for (let n = column.count - 1; n >= 0; n--) {
          const at = (column.inks[n]! * BINS + column.bins[n]!) * PAIRS;
          for (let b = 0; b < PAIRS; b++) {
            const back = r[at + b]!;
            light[b] = back + (t2[at + b]! * light[b]!) / (1 - back * light[b]!);
          }
        }
        writeBytes(light, own);
        let left = 1;
        for (let n = 0; n < column.count; n++) {
          const passes = through[column.inks[n]! * BINS + column.bins[n]!]!;
          shines += shimmers[column.inks[n]!]! * left * (1 - passes);
          left *= passes;
        }
      }
      for (let c = 0; c < 3; c++)
        rgba[4 * i + c] = bare[c]! + ((own[c]! - bare[c]!) * covered) / 255;
      shimmer[i] = Math.round(shines * covered);
    }
  };
};

/** Linear light to a byte of sRGB, by a table fine enough that no byte is off by more than one. */
export const BYTES = Uint8Array.from({ length: 8193 }, (_, i) =>
  Math.round(255 * encode(i / 8192)),
);

function writeBytes(light: Float64Array, out: Uint8Array): void {
  for (let c = 0; c < 3; c++) {
    let sum = 0;
    for (let b = 0; b < PAIRS; b++) sum += LIGHT[c]![b]! * light[b]!;
    out[c] = BYTES[Math.round(8192 * Math.min(1, Math.max(0, sum)))]!;
  }
}
