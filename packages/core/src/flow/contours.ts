import { contours } from 'd3-contour';
import type { Plate } from './develop';
import { FILM_STEPS_UM } from './film-map';

/** Lines of one height of the film: x, y pairs each, as shares of the picture's width and height. */
export interface Contour {
  readonly um: number;
  readonly lines: readonly (readonly number[])[];
}

/** Places along the longer side contours are drawn from: finer than the film's own cells, so that they run smooth. */
const PLACES = 256;
/** How far the film is thought to go on beyond its edge, in places, so that lines run off it and not along it. */
const BEYOND = 3;
/** Shorter than this a line is a speck, as a share of the longer side. */
const SPECK = 0.05;

/** The lines at which fields of the film map meet. */
export function contoursOf(plate: Plate): readonly Contour[] {
  const step = Math.max(1, Math.ceil(Math.max(plate.width, plate.height) / PLACES));
  const nx = Math.ceil(plate.width / step);
  const ny = Math.ceil(plate.height / step);
  const known = new Uint8Array(nx * ny);
  const um = new Float64Array(nx * ny);
  for (let y = 0; y < ny; y++)
    for (let x = 0; x < nx; x++) {
      const i =
        Math.min(plate.height - 1, y * step) * plate.width + Math.min(plate.width - 1, x * step);
      if (!(plate.on[i]! && plate.cover[i]! >= 128)) continue;
      known[y * nx + x] = 1;
      um[y * nx + x] = plate.filmUm[i]!;
    }
  const wet = known.slice();
  for (let n = 0; n < BEYOND; n++) goBeyond(um, known, nx, ny);
  return contours()
    .size([nx, ny])
    .thresholds([...FILM_STEPS_UM])([...um])
    .map(({ value, coordinates }) => ({
      um: value,
      lines: coordinates.flat().flatMap((ring) => onPaint(ring, wet, nx, ny)),
    }));
}

/** Gives places beside known ones the mean of those. */
function goBeyond(um: Float64Array, known: Uint8Array, nx: number, ny: number): void {
  const was = known.slice();
  for (let y = 0; y < ny; y++)
    for (let x = 0; x < nx; x++) {
      const i = y * nx + x;
      if (was[i]) continue;
      const beside = [
        x > 0 ? i - 1 : i,
        x < nx - 1 ? i + 1 : i,
        y > 0 ? i - nx : i,
        y < ny - 1 ? i + nx : i,
      ].filter((j) => was[j]);
      if (beside.length === 0) continue;
      um[i] = beside.reduce((sum, j) => sum + um[j]!, 0) / beside.length;
      known[i] = 1;
    }
}

/** The stretches of a ring that lie on paint and not on the picture's border, as shares of the picture. */
function onPaint(
  ring: readonly (readonly number[])[],
  wet: Uint8Array,
  nx: number,
  ny: number,
): number[][] {
  const lines: number[][] = [];
  let line: number[] = [];
  const end = () => {
    if (lengthOf(line) > SPECK) lines.push(line);
    line = [];
  };
  for (const [x, y] of ring as [number, number][]) {
    const [cx, cy] = [Math.floor(x), Math.floor(y)];
    const border = x <= 0.5 || y <= 0.5 || x >= nx - 0.5 || y >= ny - 0.5;
    if (border || !wet[Math.min(ny - 1, cy) * nx + Math.min(nx - 1, cx)]) end();
    else line.push(x / nx, y / ny);
  }
  end();
  return lines;
}

function lengthOf(line: readonly number[]): number {
  let sum = 0;
  for (let k = 2; k < line.length; k += 2)
    sum += Math.hypot(line[k]! - line[k - 2]!, line[k + 1]! - line[k - 1]!);
  return sum;
}
