import { exposed, type Flat, type Shot } from '@potter/core/camera';
import sharp from 'sharp';

/** Takes a photograph, as JPEG. */
export function photograph(flat: Flat, shot: Shot, quality = 82): Promise<Buffer> {
  const { width, height, rgba } = exposed(flat, shot);
  const image = sharp(rgba, { raw: { width, height, channels: 4 } }).removeAlpha();
  return (shot.blurPx >= 0.3 ? image.blur(shot.blurPx) : image).jpeg({ quality }).toBuffer();
}
