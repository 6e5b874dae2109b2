import { hexToLinear, linearToHex, LUMINANCE } from './srgb';

/** What a grey or white thing in a picture is known to be, with its luminance where that is known too. */
export const EVENERS = {
  neutral: { name: 'Something grey' },
  'white-paper': { name: 'White paper', y: 0.85 },
  'grey-card': { name: 'Grey card, 18 %', y: 0.18 },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly y?: number }>>;
export type Evener = keyof typeof EVENERS;

/** Where a channel of the reference is darker than this it tells nothing of the light. */
const DARKEST = 1e-3;

/**
 * A colour of a picture as it would be in even light, by a thing in the same light that is known to have no colour: each channel is scaled so
 * that the thing comes out grey (von Kries 1902, in linear sRGB), and as light as it is known to be. Paper of 0.85 is an estimate.
 */
export function evened(hex: string, reference: string, as: Evener): string {
  const seen = hexToLinear(hex);
  const ref = hexToLinear(reference);
  const known = EVENERS[as];
  const y =
    'y' in known ? known.y : LUMINANCE[0] * ref[0] + LUMINANCE[1] * ref[1] + LUMINANCE[2] * ref[2];
  const [r, g, b] = seen.map((v, c) => (v * y) / Math.max(DARKEST, ref[c]!)) as [
    number,
    number,
    number,
  ];
  return linearToHex([r, g, b]);
}

/** The mean colour of some pixels, in linear light; what is see-through counts as little as it shows. Mid grey where nothing is to be seen. */
export function meanColour(rgba: Uint8ClampedArray): string {
  const sum = [0, 0, 0];
  let weight = 0;
  for (let i = 0; i < rgba.length; i += 4) {
    const alpha = rgba[i + 3]! / 255;
    const hex = `#${((1 << 24) | (rgba[i]! << 16) | (rgba[i + 1]! << 8) | rgba[i + 2]!).toString(16).slice(1)}`;
    hexToLinear(hex).forEach((v, c) => (sum[c]! += v * alpha));
    weight += alpha;
  }
  return weight > 0
    ? linearToHex([sum[0]! / weight, sum[1]! / weight, sum[2]! / weight])
    : '#808080';
}
