import { type Dominant, dominantColours } from '@potter/core/optics';
import { expose } from 'comlink';
import type { PictureAsk } from './picture-messages';

/** A picture is looked at this small: more pixels find the same colours. */
const MOST_PX = 160;

async function look({ picture, count }: PictureAsk): Promise<Dominant[]> {
  const image = await createImageBitmap(picture).catch(() => {
    throw new Error('This file is no picture that can be read here: take a JPEG or PNG.');
  });
  const scale = Math.min(1, MOST_PX / Math.max(image.width, image.height));
  const [w, h] = [image.width, image.height].map((n) => Math.max(1, Math.round(n * scale))) as [
    number,
    number,
  ];
  const context = new OffscreenCanvas(w, h).getContext('2d');
  if (!context) throw new Error('This browser cannot look into pictures.');
  context.drawImage(image, 0, 0, w, h);
  image.close();
  return dominantColours(context.getImageData(0, 0, w, h).data, count);
}

expose(look);
