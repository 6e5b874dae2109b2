import { newId } from './new-id';
import { pictureLetter, picturePath } from './outbox/letters';
import { beginOutbox, post, unsentNow } from './outbox/outbox';

/** A picture is made small on the way, so that a day's pictures fit on a phone. */
const MOST_PX = 1280;
const QUALITY = 0.85;

/** Keeps a picture until the studio has it, and returns the id it goes by. Throws where the file is no picture this browser can read. */
export async function keepPicture(file: Blob): Promise<string> {
  const id = newId();
  await post(pictureLetter(id, await madeSmall(file)));
  return id;
}

async function madeSmall(file: Blob): Promise<Blob> {
  const image = await createImageBitmap(file).catch(() => {
    throw new Error('This file is no picture that can be read here: take a JPEG or PNG.');
  });
  const scale = Math.min(1, MOST_PX / Math.max(image.width, image.height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(image.width * scale)),
    Math.max(1, Math.round(image.height * scale)),
  );
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}

/** Where a picture is shown from: this device while it waits, the studio after that. */
export async function pictureUrl(id: string): Promise<string> {
  await beginOutbox();
  const { about } = pictureLetter(id, new Blob());
  const here = unsentNow().find((l) => l.about === about)?.body;
  return here instanceof Blob ? URL.createObjectURL(here) : picturePath(id);
}
