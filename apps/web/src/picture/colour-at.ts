/** The mean colour of a picture round a place, both as shares of its sides; what lies beside its outline does not count. Undefined where there is nothing. */
export async function colourAt(
  picture: Blob,
  [x, y]: readonly [number, number],
  reach = 0.02,
): Promise<string | undefined> {
  const image = await createImageBitmap(picture);
  const canvas = new OffscreenCanvas(image.width, image.height);
  const context = canvas.getContext('2d');
  if (!context) return undefined;
  context.drawImage(image, 0, 0);
  const r = Math.max(1, Math.round(reach * Math.max(image.width, image.height)));
  const from = (share: number, side: number) =>
    Math.round(Math.min(Math.max(0, side - 2 * r - 1), Math.max(0, share * side - r)));
  const [left, top] = [from(x, image.width), from(y, image.height)];
  const { data } = context.getImageData(left, top, 2 * r + 1, 2 * r + 1);
  image.close();
  const sum = [0, 0, 0];
  let count = 0;
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3]! < 128) continue;
    count++;
    for (const c of [0, 1, 2]) sum[c] = sum[c]! + data[i + c]!;
  }
  if (count === 0) return undefined;
  return `#${sum
    .map((all) =>
      Math.round(all / count)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}
