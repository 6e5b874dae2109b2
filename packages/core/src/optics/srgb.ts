export type Rgb = readonly [number, number, number];

/** sRGB component (0..1) to linear light, IEC 61966-2-1. */
export const decode = (c: number): number =>
  c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;

/** Linear light to sRGB component, IEC 61966-2-1. */
export const encode = (l: number): number =>
  l <= 0.0031308 ? 12.92 * l : 1.055 * l ** (1 / 2.4) - 0.055;

/** Each of the 256 bytes of sRGB as linear light. */
export const LINEAR = Float64Array.from({ length: 256 }, (_, byte) => decode(byte / 255));

/** What red, green and blue add to luminance, in linear light (IEC 61966-2-1, ITU-R BT.709). */
export const LUMINANCE: Rgb = [0.2126, 0.7152, 0.0722];

/** "#d8a526" to linear rgb, each 0..1. */
export function hexToLinear(hex: string): Rgb {
  const n = Number.parseInt(hex.slice(1), 16);
  return [decode(((n >> 16) & 255) / 255), decode(((n >> 8) & 255) / 255), decode((n & 255) / 255)];
}

/** Linear rgb to "#rrggbb"; what lies outside the screen's gamut is clamped. */
export function linearToHex([r, g, b]: Rgb): string {
  const byte = (l: number) => Math.round(encode(Math.min(1, Math.max(0, l))) * 255);
  return `#${((1 << 24) | (byte(r) << 16) | (byte(g) << 8) | byte(b)).toString(16).slice(1)}`;
}

/** Linear rgb to CIE XYZ (D65, Y of white = 1), IEC 61966-2-1. */
export const linearToXyz = ([r, g, b]: Rgb): Rgb => [
  0.4124564 * r + 0.3575761 * g + 0.1804375 * b,
  0.2126729 * r + 0.7151522 * g + 0.072175 * b,
  0.0193339 * r + 0.119192 * g + 0.9503041 * b,
];

export const xyzToLinear = ([x, y, z]: Rgb): Rgb => [
  3.2404542 * x - 1.5371385 * y - 0.4985314 * z,
  -0.969266 * x + 1.8760108 * y + 0.041556 * z,
  0.0556434 * x - 0.2040259 * y + 1.0572252 * z,
];
