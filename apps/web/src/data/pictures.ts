import { isHeic, pictureFault } from '@potter/core/photograph';
import { imageSize } from 'image-size';
import { newId } from './new-id';
import { pictureLetter, picturePath } from './outbox/letters';
import { beginOutbox, post, unsentNow } from './outbox/outbox';
import { smallPicture } from './small-picture';

/** A picture is made small on the way, so that a day's pictures fit on a phone; photographs of a piece are looked at closely, and stay larger. */
const MOST_PX = 1280;
export const PHOTOGRAPH_PX = 2560;
const QUALITY = 0.85;
/** What a picture is, and how large, stands near its beginning, bytes; a camera's own small copy of it may come before. */
const HEAD_BYTES = 1_000_000;

/** Keeps a picture until the studio has it, and returns the id it goes by. Throws, and says what to do, where the file is none that is taken. */
export async function keepPicture(file: Blob, mostPx = MOST_PX): Promise<string> {
  const fault = pictureFault(headOf(new Uint8Array(await file.slice(0, HEAD_BYTES).arrayBuffer())));
  if (fault !== undefined) throw new Error(fault);
  const id = newId();
  const small = await smallPicture({ picture: file, mostPx, quality: QUALITY });
  await post(pictureLetter(id, small));
  return id;
}

/** What a file says of itself; nothing is decoded. */
function headOf(bytes: Uint8Array): Parameters<typeof pictureFault>[0] {
  try {
    const { type, width, height } = imageSize(bytes);
    return { type, width, height };
  } catch {
    return { type: isHeic(bytes) ? 'heic' : undefined, width: 0, height: 0 };
  }
}

/** Where a picture is shown from: this device while it waits, the studio after that; `small` as lists show it. */
export async function pictureUrl(id: string, { small = false } = {}): Promise<string> {
  const here = await waiting(id);
  if (here) return URL.createObjectURL(here);
  return small ? `${picturePath(id)}/small` : picturePath(id);
}

/** A picture itself, from wherever it is. */
export const pictureOf = async (id: string): Promise<Blob> =>
  (await waiting(id)) ?? (await fetch(picturePath(id))).blob();

/** A picture that is on its way to the studio. */
async function waiting(id: string): Promise<Blob | undefined> {
  await beginOutbox();
  const { about } = pictureLetter(id, new Blob());
  const here = unsentNow().find((l) => l.about === about)?.body;
  return here instanceof Blob ? here : undefined;
}
