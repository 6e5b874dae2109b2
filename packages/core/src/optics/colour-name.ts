import { oklch } from './oklch';
import type { Rgb } from './srgb';

export type ColourName =
  | 'white'
  | 'black'
  | 'grey'
  | 'brown'
  | 'olive'
  | 'pink'
  | 'magenta'
  | 'red'
  | 'orange'
  | 'yellow'
  | 'green'
  | 'teal'
  | 'blue'
  | 'violet';

/** Upper hue limit (OKLCh, degrees) of each chromatic name, in order round the wheel; red wraps. */
const HUES: readonly (readonly [number, ColourName])[] = [
  [8, 'magenta'],
  [36, 'red'],
  [72, 'orange'],
  [116, 'yellow'],
  [168, 'green'],
  [225, 'teal'],
  [282, 'blue'],
  [342, 'violet'],
  [360, 'magenta'],
];

/**
 * The plain word for a colour, as artists use it. Limits in OKLCh tuned on the pigment table (estimate,
 * docs/science.md "Neighbours"); first match wins.
 */
export function colourName(linear: Rgb): ColourName {
  const { l, c, h } = oklch(linear);
  // Dark colours hold less chroma, and what they hold is seen.
  if (c < Math.min(0.035, 0.07 * l)) return l > 0.86 ? 'white' : l < 0.35 ? 'black' : 'grey';
  if ((l < 0.27 && c < 0.05) || (l < 0.35 && c < 0.03)) return 'black';
  if (h >= 30 && h < 82 && l < 0.62 && c < 0.125) return 'brown';
  if (h >= 82 && h < 128 && l < 0.66 && c < 0.115) return 'olive';
  if ((h >= 340 || h < 32) && l > 0.68) return 'pink';
  return HUES.find(([limit]) => h < limit)?.[1] ?? 'magenta';
}
