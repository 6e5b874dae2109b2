import { byRows } from './by-rows';
import type { Plate } from './develop';
import { type MakeDye, plainDye } from './dye';
import { filmsOf, type Palette } from './films';
import { type Look, shine } from './shine';

/**
 * Colours a plate, as a look has it. A generator: it yields every few rows.
 * @param mixOf the mix of each stratum, as `mixesOf` numbers them
 * @returns red, green, blue, alpha of each pixel; alpha 0 off the surface
 */
export function* colourPlate(
  plate: Plate,
  mixOf: readonly string[],
  palette: Palette,
  look: Look = 'dry',
  makeDye: MakeDye = plainDye,
): Generator<number, Uint8ClampedArray<ArrayBuffer>> {
  const { width, height } = plate;
  const dye = makeDye(filmsOf(mixOf, palette));
  const rgba = new Uint8ClampedArray(width * height * 4);
  const shimmer = new Uint8Array(width * height);
  yield* byRows(height, (y) => {
    dye(plate, y * width, (y + 1) * width, rgba, shimmer);
    shine(plate, y, look, rgba, shimmer);
  });
  return rgba;
}
