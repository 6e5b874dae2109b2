import { expose } from 'comlink';
import type { ShrinkAsk } from './shrink-messages';
import { shrunk } from './shrunk';

/** A picture made small and encoded anew, away from the screen: a camera's takes a second. */
expose(async ({ picture, mostPx, quality }: ShrinkAsk): Promise<Blob> => {
  const { canvas } = await shrunk(picture, mostPx);
  return canvas.convertToBlob({ type: 'image/jpeg', quality });
});
