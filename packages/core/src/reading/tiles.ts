import { type Lab, xyzToLab } from '../optics/lab';
import { LINEAR, linearToXyz, type Rgb } from '../optics/srgb';

/** A picture of a piece, computed or photographed: red, green, blue, alpha of each pixel, row-major; off the piece alpha is 0. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
  readonly pxPerMm: number;
}

/**
 * A picture in squares as large as what an eye tells apart at arm's length. Row-major, `across` × `down`, each `mm` wide; `lab`: L*, a*, b* of
 * each; `light`: its red, green and blue, linear; `on`: whether it lies on the piece.
 */
export interface Tiles {
  readonly across: number;
  readonly down: number;
  readonly mm: number;
  readonly lab: Float32Array;
  readonly light: Float32Array;
  readonly on: Uint8Array;
}

/** At arm's length, 0.6 m, an eye tells 0.2 to 0.5 mm apart (one to three minutes of arc; memory). */
const TILE_MM = 0.5;
const OPAQUE = 128;

/** Means of light, not of bytes, over each square; a square is a pixel where those are larger. */
export function tilesOf({ width, height, rgba, pxPerMm }: Picture): Tiles {
  const side = Math.max(1, Math.floor(TILE_MM * pxPerMm));
  const across = Math.max(1, Math.floor(width / side));
  const down = Math.max(1, Math.floor(height / side));
  const lab = new Float32Array(3 * across * down);
  const light = new Float32Array(3 * across * down);
  const on = new Uint8Array(across * down);
  for (let ty = 0; ty < down; ty++)
    for (let tx = 0; tx < across; tx++) {
      let count = 0;
      let [r, g, b] = [0, 0, 0];
      for (let y = ty * side; y < (ty + 1) * side; y++)
        for (let x = tx * side; x < (tx + 1) * side; x++) {
          const at = 4 * (y * width + x);
          if (rgba[at + 3]! < OPAQUE) continue;
          count++;
          r += LINEAR[rgba[at]!]!;
          g += LINEAR[rgba[at + 1]!]!;
          b += LINEAR[rgba[at + 2]!]!;
        }
      if (2 * count <= side * side) continue;
      const tile = ty * across + tx;
      on[tile] = 1;
      light[3 * tile] = r / count;
      light[3 * tile + 1] = g / count;
      light[3 * tile + 2] = b / count;
      labInto(lab, tile, light);
    }
  return { across, down, mm: side / pxPerMm, lab, light, on };
}

export const labAt = ({ lab }: Tiles, tile: number): Lab => [
  lab[3 * tile]!,
  lab[3 * tile + 1]!,
  lab[3 * tile + 2]!,
];

/** How far apart two tiles are, CIE 1976: fine for near and far, and quick. */
export function apartIn({ lab }: Tiles, a: number, b: number): number {
  const l = lab[3 * a]! - lab[3 * b]!;
  const x = lab[3 * a + 1]! - lab[3 * b + 1]!;
  const y = lab[3 * a + 2]! - lab[3 * b + 2]!;
  return Math.sqrt(l * l + x * x + y * y);
}

/** The same tiles in other light: each channel times its gain. */
export function relit(tiles: Tiles, gains: Rgb): Tiles {
  const light = new Float32Array(tiles.light.length);
  const lab = new Float32Array(light.length);
  for (let tile = 0; tile < tiles.on.length; tile++) {
    if (!tiles.on[tile]) continue;
    for (let c = 0; c < 3; c++) light[3 * tile + c] = tiles.light[3 * tile + c]! * gains[c]!;
    labInto(lab, tile, light);
  }
  return { ...tiles, lab, light };
}

/** Writes a tile's L*, a*, b* by its light. */
function labInto(lab: Float32Array, tile: number, light: Float32Array): void {
  const at = 3 * tile;
  const [l, a, b] = xyzToLab(linearToXyz([light[at]!, light[at + 1]!, light[at + 2]!]));
  lab[at] = l;
  lab[at + 1] = a;
  lab[at + 2] = b;
}
