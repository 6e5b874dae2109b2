import { type Corners, homographyOf, through } from './homography';
import { type EvenedBy, LINEAR, lightOf, type Neutral, toByte } from './light';
import type { Pixels } from './table';

/** A photograph squared up, and by what its light was evened. */
export interface SquaredUp extends Pixels {
  readonly light: EvenedBy;
}

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
  const { by, gain } = lightOf(photograph, neutral);
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
      const o = 4 * (y * width + x);
      for (let c = 0; c < 3; c++) {
        const p = photograph.rgba;
        const seen =
          LINEAR[p[i + c]!]! * (1 - dx) * (1 - dy) +
          LINEAR[p[i + 4 + c]!]! * dx * (1 - dy) +
          LINEAR[p[below + c]!]! * (1 - dx) * dy +
          LINEAR[p[below + 4 + c]!]! * dx * dy;
        rgba[o + c] = toByte(seen * gain(c, fx, fy));
      }
      rgba[o + 3] = 255;
    }
  return { width, height, rgba, light: by };
}
