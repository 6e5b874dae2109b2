/** What a file says of itself before it is decoded. */
export interface PictureHead {
  /** "jpg", "png", "webp", "heic"; undefined where it is nothing that is known. */
  readonly type: string | undefined;
  readonly width: number;
  readonly height: number;
}

/** A picture of more pixels is not decoded: it would take more memory than a phone has. The largest phone cameras make 50 million; 60 leaves room. */
export const MOST_PIXELS = 60e6;

const READABLE: readonly string[] = ['jpg', 'jpeg', 'png', 'webp'];
const OF_PHONES: readonly string[] = ['heic', 'heif', 'avif'];

const latin = (bytes: Uint8Array, from: number, to: number): string =>
  String.fromCharCode(...bytes.subarray(from, to));

/** Whether a file begins as pictures of some phones do (ISO/IEC 23008-12: a box "ftyp" with one of their brands). */
export const isHeic = (bytes: Uint8Array): boolean =>
  latin(bytes, 4, 8) === 'ftyp' && /^(hei|hev|mif1|msf1)/.test(latin(bytes, 8, 12));

/** Why a picture is not taken, and what to do; undefined where it is. */
export function pictureFault({ type, width, height }: PictureHead): string | undefined {
  if (type !== undefined && OF_PHONES.includes(type))
    return 'This is an HEIC picture, which browsers do not show. Set the camera to JPEG (“most compatible”), or share the picture as JPEG. Nothing was kept.';
  if (type === undefined || !READABLE.includes(type))
    return 'This is no JPEG, PNG or WebP picture. Nothing was kept.';
  if (width * height > MOST_PIXELS)
    return `This picture has ${Math.round((width * height) / 1e6)} million pixels; up to ${MOST_PIXELS / 1e6} million are taken. Make it smaller first. Nothing was kept.`;
  return undefined;
}
