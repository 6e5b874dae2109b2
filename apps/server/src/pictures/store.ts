import { eq } from 'drizzle-orm';
import type { Database } from '../db/open';
import { pictures } from '../db/schema';
import { Refused } from '../http/refusal';

const ID = /^[a-z0-9-]{8,40}$/;

/** What a file is, by its first bytes, whatever it was sent as; undefined for one that is no picture a page shows. */
function typeOf(bytes: Buffer): string | undefined {
  if (bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff]))) return 'image/jpeg';
  if (bytes.subarray(0, 8).equals(Buffer.from('89504e470d0a1a0a', 'hex'))) return 'image/png';
  if (bytes.toString('latin1', 0, 4) === 'RIFF' && bytes.toString('latin1', 8, 12) === 'WEBP')
    return 'image/webp';
  return undefined;
}

/** Keeps a picture under the id the device gave it. One that is there already stays as it is: sending twice does no harm. */
export async function putPicture(
  db: Database,
  id: string,
  bytes: Buffer,
  takenAt: Date,
): Promise<void> {
  if (!ID.test(id))
    throw new Refused(
      400,
      'invalid',
      'A picture’s id is 8 to 40 small letters, digits and dashes.',
    );
  const type = typeOf(bytes);
  if (type === undefined)
    throw new Refused(
      400,
      'not-a-picture',
      'This is no JPEG, PNG or WebP picture. Nothing was kept.',
    );
  await db.write((w) =>
    w
      .insert(pictures)
      .values({ id, type, takenAt: takenAt.getTime(), bytes })
      .onConflictDoNothing(),
  );
}

export async function readPicture(
  { read }: Database,
  id: string,
): Promise<{ readonly type: string; readonly bytes: Buffer }> {
  const [row] = await read
    .select({ type: pictures.type, bytes: pictures.bytes })
    .from(pictures)
    .where(eq(pictures.id, id));
  if (!row) throw new Refused(404, 'no-picture', 'This picture is not in the studio.');
  return row;
}
