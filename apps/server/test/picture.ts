import sharp from 'sharp';

/** A picture of one colour, as JPEG. */
export const jpegOf = (grey: number, width = 40, height = 30): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: { r: grey, g: grey, b: grey } } })
    .jpeg()
    .toBuffer();
