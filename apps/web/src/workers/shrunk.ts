/** A picture drawn so small that neither side is longer than `mostPx`. Throws where the file is no picture this browser can read. */
export async function shrunk(
  picture: Blob,
  mostPx: number,
): Promise<{
  readonly canvas: OffscreenCanvas;
  readonly context: OffscreenCanvasRenderingContext2D;
}> {
  const image = await createImageBitmap(picture).catch(() => {
    throw new Error('This file is no picture that can be read here: take a JPEG or PNG.');
  });
  const scale = Math.min(1, mostPx / Math.max(image.width, image.height));
  const side = (px: number) => Math.max(1, Math.round(px * scale));
  const canvas = new OffscreenCanvas(side(image.width), side(image.height));
  const context = canvas.getContext('2d');
  if (!context) throw new Error('This browser cannot look into pictures.');
  context.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  return { canvas, context };
}
