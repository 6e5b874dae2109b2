import { hexToLinear, linearToHex } from './srgb';

/** The neutral grey that is as light as a colour (same luminance Y, Rec. 709 primaries): what is left of a palette without its hues. */
export function greyOf(hex: string): string {
  const [r, g, b] = hexToLinear(hex);
  const y = 0.2126 * r + 0.7152 * g + 0.0722 * b;
  return linearToHex([y, y, y]);
}
