import { filmSpectrum } from '../optics/film';
import { spectrumToHex } from '../optics/spectrum';
import { decode, encode, hexToLinear, type Rgb } from '../optics/srgb';
import type { Palette } from './films';

/** A dot of paint on a film that has dried. */
export interface Dot {
  readonly mix: string;
  readonly atMm: readonly [number, number];
  readonly rMm: number;
  /** Drawn out by a brush, to a point so far from its middle. */
  readonly pulledMm?: readonly [number, number];
}

/**
 * How a drop of poured paint stands on a dry coat: at this angle, degrees, so at its middle it is r·tan(θ/2) high (a spherical cap; the angle is an
 * estimate for medium paint, common practice, no published source).
 */
const CONTACT_DEG = 35;
const HIGH = Math.tan((CONTACT_DEG * Math.PI) / 360);

/** Height of a dot's middle, mm. */
export const dotHighMm = (rMm: number): number => rMm * HIGH;

/** What a dot holds, mL: the cap π h (3r² + h²)/6. */
export function dotMl(rMm: number): number {
  const h = dotHighMm(rMm);
  return (Math.PI * h * (3 * rMm * rMm + h * h)) / 6000;
}

/** What a brush leaves where it has drawn a dot out, as a share of its height. */
const PULLED = 0.5;
/** Heights of a dot that are told apart. */
const STEPS = 24;

/** A film's colour over black and over white, by height: what comes back is B + (W − B)·g over a ground g, but for the light that goes to and fro. */
interface Heights {
  readonly black: readonly Rgb[];
  readonly white: readonly Rgb[];
}

/**
 * Lays dots on a picture, in place and in their order; what is off the surface stays as it is.
 * @param rgba red, green, blue, alpha of each pixel
 */
export function layDots(
  {
    rgba,
    width,
    height,
    pxPerMm,
  }: {
    readonly rgba: Uint8ClampedArray;
    readonly width: number;
    readonly height: number;
    readonly pxPerMm: number;
  },
  dots: readonly Dot[],
  { inks }: Pick<Palette, 'inks'>,
): void {
  const known = new Map<string, Heights>();
  for (const dot of dots) {
    const ink = inks[dot.mix];
    if (!ink) continue;
    const key = `${dot.mix} ${dot.rMm}`;
    const films = known.get(key) ?? heightsOf({ q: Float64Array.from(ink.q), s: ink.s }, dot.rMm);
    known.set(key, films);
    const [x, y] = dot.atMm;
    const [px, py] = dot.pulledMm ?? dot.atMm;
    const r = dot.rMm;
    const span = (from: number, to: number, most: number) =>
      [
        Math.max(0, Math.floor((Math.min(from, to) - r) * pxPerMm)),
        Math.min(most - 1, Math.ceil((Math.max(from, to) + r) * pxPerMm)),
      ] as const;
    const [left, right] = span(x, px, width);
    const [top, low] = span(y, py, height);
    for (let row = top; row <= low; row++)
      for (let column = left; column <= right; column++) {
        const i = 4 * (row * width + column);
        if (rgba[i + 3] === 0) continue;
        const at = [(column + 0.5) / pxPerMm, (row + 0.5) / pxPerMm] as const;
        const { share, sure } = standsAt(dot, at, pxPerMm);
        if (sure <= 0) continue;
        const step = Math.round(share * (STEPS - 1));
        const [b, w] = [films.black[step]!, films.white[step]!];
        for (const c of [0, 1, 2] as const) {
          const ground = decode(rgba[i + c]! / 255);
          const seen = b[c] + (w[c] - b[c]) * ground;
          rgba[i + c] = 255 * encode(ground + (seen - ground) * sure);
        }
      }
  }
}

/** How high a dot stands at a place, as a share of its middle, and how surely it covers that pixel. */
function standsAt(
  { atMm: [x, y], rMm, pulledMm }: Dot,
  [px, py]: readonly [number, number],
  pxPerMm: number,
): { share: number; sure: number } {
  const cover = (insideMm: number) => Math.min(1, Math.max(0, 0.5 + insideMm * pxPerMm));
  const d = Math.hypot(px - x, py - y);
  const cap = { share: capAt(d / rMm), sure: cover(rMm - d) };
  if (!pulledMm) return cap;
  const [ux, uy] = [pulledMm[0] - x, pulledMm[1] - y];
  const long = Math.hypot(ux, uy);
  if (long === 0) return cap;
  const along = ((px - x) * ux + (py - y) * uy) / long;
  if (along <= 0) return cap;
  const beside = Math.abs((px - x) * uy - (py - y) * ux) / long;
  const wide = rMm * Math.max(0, 1 - along / long);
  const tail = { share: PULLED * capAt(wide > 0 ? beside / wide : 1), sure: cover(wide - beside) };
  return {
    share: Math.max(cap.sure > 0 ? cap.share : 0, tail.sure > 0 ? tail.share : 0),
    sure: Math.max(cap.sure, tail.sure),
  };
}

/** Height of a spherical cap so far out, both as shares: flat enough to be told by its parabola. */
const capAt = (out: number): number => Math.max(0.04, 1 - Math.min(1, out) ** 2);

function heightsOf(tint: { readonly q: Float64Array; readonly s: number }, rMm: number): Heights {
  const um = 1000 * dotHighMm(rMm);
  const over = (ground: number) =>
    Array.from({ length: STEPS }, (_, step) =>
      hexToLinear(spectrumToHex(filmSpectrum(tint, (um * step) / (STEPS - 1), ground))),
    );
  return { black: over(0), white: over(1) };
}
