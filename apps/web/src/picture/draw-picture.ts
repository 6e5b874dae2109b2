import { trim } from '@potter/core/quantity';
import type { Picture } from './had';

/** Lines and figures of a map, px of a picture 512 wide. */
const LINE = 1.5;
const LETTERS = 15;
/** A line as long as this has its figure, as a share of the side; on its way from there on, so that figures of neighbours lie apart. */
const LABELLED_FROM = 0.3;
const FIRST_AT = 0.2;
const NEXT_AT = 0.15;
const INK = '#161616';
const PAPER = '#f7f6f3';

/** Draws a picture on a canvas, at its own size; a map with its lines, each labelled in mm. */
export function drawPicture(canvas: HTMLCanvasElement, picture: Picture): void {
  const { width, height, rgba, contours = [] } = picture;
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext('2d');
  if (!context) return;
  context.putImageData(new ImageData(rgba, width, height), 0, 0);
  const scale = Math.max(width, height) / 512;
  context.lineWidth = LINE * scale;
  context.lineJoin = 'round';
  context.strokeStyle = INK;
  for (const { lines } of contours)
    for (const line of lines) {
      context.beginPath();
      for (let k = 0; k < line.length; k += 2)
        context.lineTo(line[k]! * width, line[k + 1]! * height);
      context.stroke();
    }
  context.font = `500 ${LETTERS * scale}px sans-serif`;
  context.textAlign = 'center';
  context.textBaseline = 'middle';
  context.lineWidth = 4 * scale;
  contours.forEach(({ um, lines }, nth) => {
    const longest = lines.reduce<readonly number[]>((a, b) => (b.length > a.length ? b : a), []);
    if (spanOf(longest) < LABELLED_FROM) return;
    const k = 2 * Math.floor((longest.length / 2) * ((FIRST_AT + NEXT_AT * nth) % 1));
    const [x, y] = [longest[k]! * width, longest[k + 1]! * height];
    const room = LETTERS * scale;
    const [atX, atY] = [
      Math.min(width - room, Math.max(room, x)),
      Math.min(height - room, Math.max(room, y)),
    ];
    context.strokeStyle = PAPER;
    context.strokeText(trim(um / 1000, 2), atX, atY);
    context.fillStyle = INK;
    context.fillText(trim(um / 1000, 2), atX, atY);
  });
}

/** The larger side of what a line takes up. */
function spanOf(line: readonly number[]): number {
  if (line.length === 0) return 0;
  const [xs, ys] = [line.filter((_, k) => k % 2 === 0), line.filter((_, k) => k % 2 === 1)];
  return Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys));
}
