import { saveFile } from '@/data/files';
import type { Picture } from './pour-host';

/** Saves a picture as PNG. */
export async function savePicture(name: string, { width, height, rgba }: Picture): Promise<void> {
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')?.putImageData(new ImageData(rgba, width, height), 0, 0);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (blob) saveFile(name, blob, 'image/png');
}
