import { byRows } from './by-rows';
import { maskOf } from './mask';
import { coverage, filmHeight } from './outline';
import type { Pour } from './simulate';

/** What is known of each pixel of a picture without a trace; arrays one entry a pixel, row-major. */
export interface View {
  readonly pour: Pour;
  readonly width: number;
  readonly height: number;
  /** Wet height, µm. */
  readonly filmUm: Float32Array;
  /** How much of a pixel is covered, 0..255. */
  readonly cover: Uint8Array;
  /** How much of a pixel is on the surface, 0..255. */
  readonly on: Uint8Array;
  /** Cells of the film a pixel of the finished picture, and where its corner lies in cells. */
  readonly cellsX: number;
  readonly cellsY: number;
  readonly fromX: number;
  readonly fromY: number;
}

/** Rows of a picture, from one to before another. */
export interface Rows {
  readonly from: number;
  readonly upTo: number;
}

/** The view of a picture `width` × `height`, or of some of its rows: nothing is known of the others then. */
export function* viewOf(
  pour: Pour,
  width: number,
  height: number,
  { from, upTo }: Rows = { from: 0, upTo: height },
): Generator<number, View> {
  const { site, scene } = pour;
  const covered = coverage(pour);
  const film = filmHeight(pour);
  const filmUm = new Float32Array(width * height);
  const cover = new Uint8Array(width * height);
  const on = maskOf(scene.rings, width, height, width / scene.widthMm, height / scene.heightMm);
  const cellsX = scene.widthMm / width / site.cellMm;
  const cellsY = scene.heightMm / height / site.cellMm;
  const fromX = site.originMm[0] / site.cellMm;
  const fromY = site.originMm[1] / site.cellMm;
  // The outline is as wide as a pixel: coverage climbs from 0 to 1 over about two cells.
  const sharpness = Math.max(2, 1 / cellsX);
  yield* byRows(upTo - from, (nth) => {
    const y = from + nth;
    const cy = (y + 0.5) * cellsY + fromY;
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      if (!on[i]) continue;
      const cx = (x + 0.5) * cellsX + fromX;
      const sure = 0.5 + sharpness * (covered(cx, cy) - 0.5);
      cover[i] = Math.round(255 * Math.min(1, Math.max(0, sure)));
      filmUm[i] = 1e6 * film(cx, cy);
    }
  });
  return { pour, width, height, filmUm, cover, on, cellsX, cellsY, fromX, fromY };
}

/** Where a pixel's middle lies, in cells of the film. */
export const placeAt = (
  { cellsX, cellsY, fromX, fromY }: View,
  x: number,
  y: number,
): [x: number, y: number] => [(x + 0.5) * cellsX + fromX, (y + 0.5) * cellsY + fromY];

/** Whether a pixel has paint within `reach` of it; off the paint there is nothing to trace. Beyond the picture counts as its border. */
export function nearPaint({ width, height, cover }: View, x: number, y: number, reach: number) {
  for (let dy = -reach; dy <= reach; dy += reach)
    for (let dx = -reach; dx <= reach; dx += reach) {
      const px = Math.min(Math.max(x + dx, 0), width - 1);
      const py = Math.min(Math.max(y + dy, 0), height - 1);
      if (cover[py * width + px]) return true;
    }
  return false;
}
