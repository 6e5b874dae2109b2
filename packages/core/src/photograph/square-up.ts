import { LINEAR } from '../optics/srgb';
import { boxOf, type Corners, homographyOf, through } from './homography';
import { type EvenedBy, lightOf, type Neutral, toByte } from './light';
import type { Pixels } from './table';

/** A photograph squared up, and by what its light was evened. */
export interface SquaredUp extends Pixels {
  readonly light: EvenedBy;
  /** What part of it is burnt out: as bright as the camera tells, in all channels. */
  readonly burnt: number;
}

/** Light is looked up every so many pixels. */
const LIT_PX = 16;
/** A byte that is as good as the highest. */
const BURNT = 251;

/**
 * A piece as it looks from straight above, cut along its edges: every pixel from where it lies in the photograph, its light evened, in linear light.
 * @param corners of the piece, clockwise from the upper left, as shares of the photograph's sides
 * @param neutral something white or grey in the photograph, which tells the light's colour
 * @returns undefined where three of the corners lie in a line
 */
export function squaredUp(
  photograph: Pixels,
  corners: Corners,
  width: number,
  height: number,
  neutral?: Neutral,
): SquaredUp | undefined {
  const back = homographyOf(boxOf(1, 1), corners);
  if (!back) return undefined;
  const { by, gains, at } = lightOf(photograph, neutral);
  const rgba = new Uint8ClampedArray(4 * width * height);
  const { rgba: p, width: wide, height: high } = photograph;
  const [red, green, blue] = gains as [number, number, number];
  const across = Math.ceil(width / LIT_PX) + 1;
  let burnt = 0;
  // Light changes slowly: it is looked up at the nodes of a wide net, row by row of it, and lies evenly between.
  let upper = new Float64Array(across);
  let lower = litAlong(0);
  function litAlong(row: number) {
    return Float64Array.from({ length: across }, (_, i) => {
      const [u, v] = through(back!, [(i * LIT_PX) / width, (row * LIT_PX) / height]);
      return 1 / at(u * wide, v * high);
    });
  }
  for (let y = 0; y < height; y++) {
    if (y % LIT_PX === 0) {
      upper = lower;
      lower = litAlong(y / LIT_PX + 1);
    }
    const down = (y % LIT_PX) / LIT_PX;
    for (let x = 0; x < width; x++) {
      const [u, v] = through(back, [(x + 0.5) / width, (y + 0.5) / height]);
      const fx = Math.min(wide - 1, Math.max(0, u * wide - 0.5));
      const fy = Math.min(high - 1, Math.max(0, v * high - 0.5));
      const x0 = Math.min(wide - 2, Math.floor(fx));
      const y0 = Math.min(high - 2, Math.floor(fy));
      const dx = fx - x0;
      const dy = fy - y0;
      const i = 4 * (y0 * wide + x0);
      const below = i + 4 * wide;
      if (p[i]! >= BURNT && p[i + 1]! >= BURNT && p[i + 2]! >= BURNT) burnt++;
      const [a, b] = [(1 - dx) * (1 - dy), dx * (1 - dy)];
      const [c, d] = [(1 - dx) * dy, dx * dy];
      const node = Math.floor(x / LIT_PX);
      const right = (x % LIT_PX) / LIT_PX;
      const gain =
        (upper[node]! * (1 - right) + upper[node + 1]! * right) * (1 - down) +
        (lower[node]! * (1 - right) + lower[node + 1]! * right) * down;
      const o = 4 * (y * width + x);
      for (let k = 0; k < 3; k++)
        rgba[o + k] = toByte(
          (LINEAR[p[i + k]!]! * a +
            LINEAR[p[i + 4 + k]!]! * b +
            LINEAR[p[below + k]!]! * c +
            LINEAR[p[below + 4 + k]!]! * d) *
            gain *
            (k === 0 ? red : k === 1 ? green : blue),
        );
      rgba[o + 3] = 255;
    }
  }
  return { width, height, rgba, light: by, burnt: burnt / (width * height) };
}
