/** A picture drawn so small that neither side is longer than `mostPx`. Throws where the file is no picture this browser can read. */
export async function shrunk(
  picture: Blob,
  mostPx: number,
): Promise<{
  readonly canvas: OffscreenCanvas;
  readonly context: OffscreenCanvasRenderingContext2D;
}> {
  const image = await decoded(picture);
  const scale = Math.min(1, mostPx / Math.max(image.width, image.height));
  const side = (px: number) => Math.max(1, Math.round(px * scale));
  const [width, height] = [side(image.width), side(image.height)];
  // The browser makes it smaller beside the page; drawn smaller it would hold the page up while it does.
  const small =
    scale < 1
      ? await createImageBitmap(image, {
          resizeWidth: width,
          resizeHeight: height,
          resizeQuality: 'high',
        })
      : image;
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('This browser cannot look into pictures.');
  context.drawImage(small, 0, 0);
  image.close();
  if (small !== image) small.close();
  return { canvas, context };
}

const decoded = (picture: Blob): Promise<ImageBitmap> =>
  createImageBitmap(picture).catch(() => {
    throw new Error('This file is no picture that can be read here: take a JPEG or PNG.');
  });
