import { apartIn, type Tiles } from './tiles';

/** Two sides of a border differ by so much, ΔE 1976; it is looked for over so many mm. */
const BORDER = 12;
const OVER_MM = 1.5;

export interface Bands {
  /** Mean width from border to border along rows and columns, mm; absent where there is hardly a border. */
  readonly widthMm?: number;
  /** How wide a border is: its whole step over its steepest, mm. */
  readonly borderMm?: number;
}

/** Bands of a picture, measured along its rows and columns. */
export function bandsOf(tiles: Tiles): Bands {
  const { across, down, mm } = tiles;
  const reach = Math.max(1, Math.round(OVER_MM / mm / 2));
  let length = 0;
  let borders = 0;
  let widths = 0;
  const line = (first: number, step: number, count: number) => {
    let last = -Infinity;
    for (let n = reach; n + reach < count; n++) {
      const at = first + n * step;
      if (!tiles.on[at - reach * step] || !tiles.on[at + reach * step]) continue;
      length += mm;
      const whole = apartIn(tiles, at - reach * step, at + reach * step);
      if (whole < BORDER || n - last <= 2 * reach) continue;
      // The steepest step of this border; a border is told once.
      let steepest = 0;
      for (let k = n - reach; k < n + reach; k++)
        steepest = Math.max(steepest, apartIn(tiles, first + k * step, first + (k + 1) * step));
      const next =
        n + 1 + reach < count && apartIn(tiles, at + (1 - reach) * step, at + (1 + reach) * step);
      if (next && next > whole) continue;
      last = n;
      borders++;
      widths += (mm * whole) / Math.max(steepest, 1e-6);
    }
  };
  for (let y = 0; y < down; y++) line(y * across, 1, across);
  for (let x = 0; x < across; x++) line(x, across, down);
  if (borders < 10) return {};
  return { widthMm: length / borders, borderMm: widths / borders };
}
