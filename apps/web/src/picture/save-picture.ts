import { saveFile } from '@/data/files';
import { drawPicture } from './draw-picture';
import type { Picture } from './had';

/** Saves a picture as PNG. */
export async function savePicture(name: string, picture: Picture): Promise<void> {
  const canvas = document.createElement('canvas');
  drawPicture(canvas, picture);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (blob) saveFile(name, blob, 'image/png');
}
