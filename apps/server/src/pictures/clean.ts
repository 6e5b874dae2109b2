import { isHeic, MOST_PIXELS, pictureFault } from '@potter/core/photograph';
import sharp, { type Sharp } from 'sharp';
import { Refused } from '../refused';

/** What is kept of a picture that was sent. */
export interface CleanPicture {
  readonly type: string;
  readonly bytes: Buffer;
  /** As lists show it. */
  readonly small: Buffer;
}

/** As much as a wide screen shows of it, px. */
const MOST_PX = 2560;
const SMALL_PX = 320;
const QUALITY = 88;
const SMALL_QUALITY = 70;

// Pictures come one at a time: none is worth keeping at hand.
sharp.cache(false);

/** How each kind is written again. */
const WRITTEN = {
  jpeg: (image: Sharp) => image.jpeg({ quality: QUALITY }),
  png: (image: Sharp) => image.png(),
  webp: (image: Sharp) => image.webp({ quality: QUALITY }),
} as const;

const isKind = (format: string | undefined): format is keyof typeof WRITTEN =>
  format !== undefined && Object.hasOwn(WRITTEN, format);

/**
 * A picture as it is kept: the right way up, no larger than it is looked at, and nothing in the file but the picture, neither the place it was taken
 * at nor whatever else was hidden in it. Throws a refusal that says what to do where it is none, or too large to be decoded.
 */
export async function cleanPicture(sent: Buffer): Promise<CleanPicture> {
  const image = sharp(sent, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
  const { format, width = 0, height = 0 } = await headOf(sent);
  const fault = pictureFault({ type: isHeic(sent) ? 'heic' : format, width, height });
  if (fault !== undefined || !isKind(format))
    throw new Refused('not-a-picture', fault ?? NO_PICTURE);
  try {
    const upright = image.rotate();
    const bytes = await WRITTEN[format](
      upright.clone().resize(MOST_PX, MOST_PX, { fit: 'inside', withoutEnlargement: true }),
    ).toBuffer();
    const small = await upright
      .clone()
      .resize(SMALL_PX, SMALL_PX, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: SMALL_QUALITY })
      .toBuffer();
    return { type: `image/${format}`, bytes, small };
  } catch {
    throw new Refused(
      'not-a-picture',
      'This picture is damaged or cut short: take it again, or send it once more. Nothing was kept.',
    );
  }
}

const NO_PICTURE = 'This is no JPEG, PNG or WebP picture. Nothing was kept.';

/** As lists show a picture that is kept. */
export const smallOf = async (bytes: Buffer): Promise<Buffer> => (await cleanPicture(bytes)).small;

/** What the first bytes say; nothing is decoded. */
async function headOf(
  sent: Buffer,
): Promise<{ readonly format?: string; readonly width?: number; readonly height?: number }> {
  try {
    return await sharp(sent, { limitInputPixels: false }).metadata();
  } catch {
    return {};
  }
}
