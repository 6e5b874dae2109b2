import type { Plate } from './develop';

/** Films told apart on the map, µm: each field of grey ends at one of these. */
export const FILM_STEPS_UM = [250, 500, 1000, 1500, 2000, 3000, 5000] as const;

/** Grey of each field, thin to thick, and of bare ground; light enough at the thin end that bare is still lighter. */
export const FILM_GREYS = [225, 200, 172, 144, 116, 88, 60, 32] as const;
const BARE_GREY = 250;

/** The film as a map in greys, thicker is darker; see `contoursOf` for the lines where fields meet. */
export function filmMap({
  width,
  height,
  filmUm,
  cover,
  on,
}: Plate): Uint8ClampedArray<ArrayBuffer> {
  const out = new Uint8ClampedArray(width * height * 4);
  const greyAt = (i: number): number => {
    if (cover[i]! < 128) return BARE_GREY;
    const k = FILM_STEPS_UM.findIndex((um) => filmUm[i]! < um);
    return FILM_GREYS[k < 0 ? FILM_STEPS_UM.length : k]!;
  };
  for (let i = 0; i < on.length; i++) {
    if (!on[i]) continue;
    out.fill(greyAt(i), 4 * i, 4 * i + 3);
    out[4 * i + 3] = on[i]!;
  }
  return out;
}
