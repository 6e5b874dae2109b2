import { linearToOklab, oklabToLinear } from './lab';
import { hexToLinear, linearToHex, type Rgb } from './srgb';

/** OKLab in polar form: lightness 0..1, chroma, hue in degrees 0..360. */
export interface Oklch {
  readonly l: number;
  readonly c: number;
  readonly h: number;
}

export function oklch(linear: Rgb): Oklch {
  const [l, a, b] = linearToOklab(linear);
  const h = (Math.atan2(b, a) * 180) / Math.PI;
  return { l, c: Math.hypot(a, b), h: h < 0 ? h + 360 : h };
}

export const hexToOklch = (hex: string): Oklch => oklch(hexToLinear(hex));

/** Chroma is taken back in steps of this share until a screen has the colour. */
const LESS = 0.95;

/** The colour as a screen has it: same lightness and hue, with as much of the chroma as there is room for. */
export function oklchToHex({ l, c, h }: Oklch): string {
  const turn = (h * Math.PI) / 180;
  for (let chroma = c; chroma > 1e-3; chroma *= LESS) {
    const linear = oklabToLinear([l, chroma * Math.cos(turn), chroma * Math.sin(turn)]);
    if (linear.every((v) => v >= -1e-4 && v <= 1 + 1e-4)) return linearToHex(linear);
  }
  return linearToHex(oklabToLinear([l, 0, 0]));
}

/** Degrees between two hues, 0 to 180. */
export function hueTurn(a: number, b: number): number {
  const turn = Math.abs(a - b) % 360;
  return Math.min(turn, 360 - turn);
}
