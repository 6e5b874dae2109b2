import { EVENERS } from '../optics/evened';
import { encode, LINEAR, LUMINANCE } from '../optics/srgb';
import type { Place } from './homography';
import { type Pixels, tableOf } from './table';

/** By what the light of a photograph was evened: something white or grey in it, the table round the piece, or nothing. */
export type EvenedBy = 'white' | 'grey' | 'table' | 'as-taken';

/** Something in a photograph that has no colour of its own: where it lies, as shares of its sides. */
export interface Neutral {
  readonly is: keyof typeof REFLECTS;
  readonly at: Place;
}

/** Light a photograph was taken in. To even it a pixel's linear light is multiplied by its channel's gain and divided by the light that falls there. */
export interface Light {
  readonly by: EvenedBy;
  readonly gains: readonly number[];
  /** The light at a pixel as a share of the most there is. */
  readonly at: (x: number, y: number) => number;
}

/** White primer sends back about what paper does (from memory). */
const REFLECTS = { white: EVENERS['white-paper'].y, grey: EVENERS['grey-card'].y } as const;
/** So large a square of it is looked at, as a share of the longer side. */
const PATCH = 0.012;
/** Burnt out or drowned in noise, a patch tells nothing: mean bytes it has to lie between. */
const TELLS = { from: 12, to: 250 } as const;

/** Light that falls off by less than this, of its most, is left as it is; by more than that it is no light but another table. */
const EVEN = 0.03;
const NOT_LIGHT = 0.65;

/** Linear light as bytes of sRGB, in steps so fine that the darkest are less than a byte. */
const STEPS = 4096;
const BYTES = Float64Array.from({ length: STEPS + 1 }, (_, i) => 255 * encode(i / STEPS));
export const toByte = (linear: number): number =>
  BYTES[Math.min(STEPS, Math.max(0, Math.round(STEPS * linear)))]!;

/**
 * The light of a photograph: how it falls off by the table round the piece, and its colour and strength by something neutral in it where that is told.
 * A neutral place that is burnt out or too dark tells nothing, and goes for none.
 */
export function lightOf(photograph: Pixels, neutral?: Neutral): Light {
  const falls = fallOff(photograph);
  const at = falls ?? (() => 1);
  const { width, height } = photograph;
  const patch = neutral && patchAt(photograph, neutral.at);
  if (!neutral || !patch) return { by: falls ? 'table' : 'as-taken', gains: [1, 1, 1], at };
  const there = at(neutral.at[0] * width, neutral.at[1] * height);
  return { by: neutral.is, gains: patch.map((seen) => (REFLECTS[neutral.is] * there) / seen), at };
}

/** The mean linear light of a small square, channel by channel; undefined where it tells nothing. */
function patchAt({ width, height, rgba }: Pixels, [u, v]: Place): readonly number[] | undefined {
  const reach = Math.max(1, Math.round((PATCH * Math.max(width, height)) / 2));
  const [cx, cy] = [Math.round(u * width), Math.round(v * height)];
  const sums = [0, 0, 0];
  const bytes = [0, 0, 0];
  let count = 0;
  for (let y = Math.max(0, cy - reach); y <= Math.min(height - 1, cy + reach); y++)
    for (let x = Math.max(0, cx - reach); x <= Math.min(width - 1, cx + reach); x++) {
      count++;
      for (let c = 0; c < 3; c++) {
        const byte = rgba[4 * (y * width + x) + c]!;
        bytes[c]! += byte;
        sums[c]! += LINEAR[byte]!;
      }
    }
  const tells = bytes.every((sum) => sum > TELLS.from * count && sum < TELLS.to * count);
  return tells ? sums.map((sum) => sum / count) : undefined;
}

/** The light at a pixel as a share of the most there is, by the table round the piece; undefined where that tells of none. */
function fallOff(photograph: Pixels): ((x: number, y: number) => number) | undefined {
  const table = tableOf(photograph);
  const at = (x: number, y: number): number =>
    LUMINANCE.reduce(
      (sum, share, c) =>
        sum + share * LINEAR[Math.round(Math.min(255, Math.max(0, table.at(c, x, y))))]!,
      0,
    );
  const { width, height } = photograph;
  let [most, least] = [0, Infinity];
  for (let i = 0; i <= 8; i++)
    for (let j = 0; j <= 8; j++) {
      const l = at((i * width) / 8, (j * height) / 8);
      most = Math.max(most, l);
      least = Math.min(least, l);
    }
  const falls = most > 0 ? 1 - least / most : 0;
  return falls < EVEN || falls > NOT_LIGHT ? undefined : (x, y) => Math.max(0.2, at(x, y) / most);
}
