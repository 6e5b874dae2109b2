import { type Dominant, dominantColours } from '@potter/core/optics';
import { expose } from 'comlink';
import type { PictureAsk } from './picture-messages';
import { shrunk } from './shrunk';

/** A picture is looked at this small: more pixels find the same colours. */
const MOST_PX = 160;

async function look({ picture, count }: PictureAsk): Promise<Dominant[]> {
  const { canvas, context } = await shrunk(picture, MOST_PX);
  return dominantColours(context.getImageData(0, 0, canvas.width, canvas.height).data, count);
}

expose(look);
