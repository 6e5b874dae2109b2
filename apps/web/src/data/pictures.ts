import { shrunk } from '@/workers/shrunk';
import { newId } from './new-id';
import { pictureLetter, picturePath } from './outbox/letters';
import { beginOutbox, post, unsentNow } from './outbox/outbox';

/** A picture is made small on the way, so that a day's pictures fit on a phone. */
const MOST_PX = 1280;
const QUALITY = 0.85;

/** Keeps a picture until the studio has it, and returns the id it goes by. Throws where the file is no picture this browser can read. */
export async function keepPicture(file: Blob): Promise<string> {
  const id = newId();
  const { canvas } = await shrunk(file, MOST_PX);
  const small = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  await post(pictureLetter(id, small));
  return id;
}

/** Where a picture is shown from: this device while it waits, the studio after that. */
export async function pictureUrl(id: string): Promise<string> {
  await beginOutbox();
  const { about } = pictureLetter(id, new Blob());
  const here = unsentNow().find((l) => l.about === about)?.body;
  return here instanceof Blob ? URL.createObjectURL(here) : picturePath(id);
}
