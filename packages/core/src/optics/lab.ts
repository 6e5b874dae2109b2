import { hexToLinear, linearToXyz, type Rgb } from './srgb';

export const WHITE_D65: Rgb = [0.95047, 1, 1.08883];

const f = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);

/** CIE XYZ (white Y = 1) to CIELAB under D65, CIE 15. */
export function xyzToLab([x, y, z]: Rgb): Rgb {
  const fx = f(x / WHITE_D65[0]);
  const fy = f(y);
  const fz = f(z / WHITE_D65[2]);
  return [116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)];
}

/** L*, a*, b*. */
export type Lab = Rgb;

export const hexToLab = (hex: string): Rgb => xyzToLab(linearToXyz(hexToLinear(hex)));

/** Linear sRGB to OKLab (Ottosson 2020; constants from memory, checked against a reference library). */
export function linearToOklab([r, g, b]: Rgb): Rgb {
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ];
}

/** OKLab to linear sRGB, the inverse; outside the gamut channels leave 0 to 1. */
export function oklabToLinear([l, a, b]: Rgb): Rgb {
  const [p, q, r] = [
    (l + 0.3963377774 * a + 0.2158037573 * b) ** 3,
    (l - 0.1055613458 * a - 0.0638541728 * b) ** 3,
    (l - 0.0894841775 * a - 1.291485548 * b) ** 3,
  ];
  return [
    4.0767416621 * p - 3.3077115913 * q + 0.2309699292 * r,
    -1.2684380046 * p + 2.6097574011 * q - 0.3413193965 * r,
    -0.0041960863 * p - 0.7034186147 * q + 1.707614701 * r,
  ];
}
