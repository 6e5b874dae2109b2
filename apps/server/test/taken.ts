import type { Pixels, Place } from '@potter/core/photograph';
import sharp from 'sharp';
import { type Flat, onPhotograph, type Shot } from '@potter/core/camera';
import { photograph } from '../../../scripts/camera';

/** A photograph as whoever reads it has it. */
export async function taken(flat: Flat, shot: Shot): Promise<Pixels> {
  const { data, info } = await sharp(await photograph(flat, shot))
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return {
    width: info.width,
    height: info.height,
    rgba: new Uint8ClampedArray(data.buffer, data.byteOffset, data.length),
  };
}

/** Where the corners of a flat piece fall on a photograph, px. */
export function cornersOf({ width, height }: Flat, shot: Shot): Place[] {
  const long = Math.max(width, height);
  return (
    [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ] as const
  ).map(([x, y]) => onPhotograph(shot, (x * width) / long / 2, (y * height) / long / 2));
}
