import type { Plate } from './develop';

/** Films told apart on the map, µm: each field of grey ends at one of these. */
export const FILM_STEPS_UM = [250, 500, 1000, 1500, 2000, 3000, 5000] as const;

/** Grey of each field, thin to thick, and of bare ground; light enough at the thin end that bare is still lighter. */
export const FILM_GREYS = [225, 200, 172, 144, 116, 88, 60, 32] as const;
const BARE_GREY = 250;

/** The film as a map in greys, thicker is darker; a line where one field meets the next. */
export function filmMap({
  width,
  height,
  filmUm,
  cover,
  on,
}: Plate): Uint8ClampedArray<ArrayBuffer> {
  const out = new Uint8ClampedArray(width * height * 4);
  const field = (i: number): number => {
    if (cover[i]! < 128) return -1;
    const k = FILM_STEPS_UM.findIndex((um) => filmUm[i]! < um);
    return k < 0 ? FILM_STEPS_UM.length : k;
  };
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      if (!on[i]) continue;
      const own = field(i);
      const edge =
        (x > 0 && on[i - 1] && field(i - 1) !== own) ||
        (y > 0 && on[i - width] && field(i - width) !== own);
      const grey = own < 0 ? BARE_GREY : FILM_GREYS[own]!;
      // The line stands off from both fields it parts.
      const shade = edge ? (grey > 120 ? grey - 60 : grey + 60) : grey;
      out.fill(shade, 4 * i, 4 * i + 3);
      out[4 * i + 3] = on[i]!;
    }
  return out;
}
