import { type Corners, homographyOf, through } from './homography';
import { type Pixels, tableOf } from './table';

/** A photograph squared up, and by what its light was evened. */
export interface SquaredUp extends Pixels {
  readonly light: 'table' | 'as-taken';
}

/** Light that falls off by less than this, of its most, is left as it is; by more than that it is no light but another table. */
const EVEN = 0.03;
const NOT_LIGHT = 0.65;

/**
 * A piece as it looks from straight above, cut along its edges: every pixel from where it lies in the photograph. Where the table round it shows that light
 * falls off across it, that is taken out, as a share, in linear light.
 * @param corners of the piece, clockwise from the upper left, as shares of the photograph's sides
 * @returns undefined where three of the corners lie in a line
 */
export function squaredUp(
  photograph: Pixels,
  corners: Corners,
  width: number,
  height: number,
): SquaredUp | undefined {
  const back = homographyOf(
    [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ],
    corners,
  );
  if (!back) return undefined;
  const lightAt = lightOf(photograph);
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = through(back, [(x + 0.5) / width, (y + 0.5) / height]);
      const fx = Math.min(photograph.width - 1, Math.max(0, u * photograph.width - 0.5));
      const fy = Math.min(photograph.height - 1, Math.max(0, v * photograph.height - 0.5));
      const x0 = Math.min(photograph.width - 2, Math.floor(fx));
      const y0 = Math.min(photograph.height - 2, Math.floor(fy));
      const [dx, dy] = [fx - x0, fy - y0];
      const i = 4 * (y0 * photograph.width + x0);
      const below = i + 4 * photograph.width;
      const gain = lightAt ? 1 / lightAt(fx, fy) : 1;
      const o = 4 * (y * width + x);
      for (let c = 0; c < 3; c++) {
        const p = photograph.rgba;
        const seen =
          LINEAR[p[i + c]!]! * (1 - dx) * (1 - dy) +
          LINEAR[p[i + 4 + c]!]! * dx * (1 - dy) +
          LINEAR[p[below + c]!]! * (1 - dx) * dy +
          LINEAR[p[below + 4 + c]!]! * dx * dy;
        rgba[o + c] = toByte(seen * gain);
      }
      rgba[o + 3] = 255;
    }
  return { width, height, rgba, light: lightAt ? 'table' : 'as-taken' };
}

/** The light at a pixel as a share of the most there is, by the table round the piece; undefined where that tells of none. */
function lightOf(photograph: Pixels): ((x: number, y: number) => number) | undefined {
  const table = tableOf(photograph);
  const at = (x: number, y: number): number =>
    [0.2126, 0.7152, 0.0722].reduce(
      (sum, share, c) =>
        sum + share * (LINEAR[Math.round(Math.min(255, Math.max(0, table.at(c, x, y))))] ?? 0),
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

/** Bytes of sRGB as linear light (IEC 61966-2-1). */
const LINEAR = Float64Array.from({ length: 256 }, (_, byte) => {
  const v = byte / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
});
const toByte = (v: number): number =>
  255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);
