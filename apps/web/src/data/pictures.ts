import { createStore, del, entries, get, set, type UseStore } from 'idb-keyval';
import { newId } from './new-id';

/**
 * Pictures wait on this device until the studio has them: what is taken at the table is never lost because the server is away. A picture is made
 * small on the way, so that a day's pictures fit.
 */
let store: UseStore | undefined;
/** Opened at the first picture, not before. */
const waiting = (): UseStore => (store ??= createStore('potter-pictures', 'waiting'));
const MOST_PX = 1280;
const QUALITY = 0.85;

const pathOf = (id: string): string => `/api/pictures/${id}`;

/** Keeps a picture and returns the id it goes by. Throws where the file is no picture this browser can read. */
export async function keepPicture(file: Blob): Promise<string> {
  const id = newId();
  await set(id, await madeSmall(file), waiting());
  void sendPictures();
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

let sending = false;
const RETRY_AFTER_MS = 15_000;

/** Sends what waits, and asks again in a while where the studio is away. */
export async function sendPictures(): Promise<void> {
  if (sending) return;
  sending = true;
  let away = false;
  try {
    for (const [id, picture] of await entries<string, Blob>(waiting())) {
      const answer = await fetch(pathOf(id), {
        method: 'PUT',
        headers: { 'content-type': picture.type },
        body: picture,
      });
      // A server that is in trouble is asked again; what it refuses for good would only be refused again.
      if (answer.status >= 500) away = true;
      else await del(id, waiting());
    }
  } catch {
    away = true;
  } finally {
    sending = false;
    if (away) setTimeout(() => void sendPictures(), RETRY_AFTER_MS);
  }
}

/** Where a picture is shown from: this device while it waits, the studio after that. */
export async function pictureUrl(id: string): Promise<string> {
  const here = await get<Blob>(id, waiting()).catch(() => undefined);
  return here ? URL.createObjectURL(here) : pathOf(id);
}
