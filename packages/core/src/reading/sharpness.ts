import { apartIn, type Tiles } from './tiles';

/** Two sides of a border differ by so much, ΔE 1976; it is looked at over so many mm, far wider than a lens in focus makes it. */
const BORDER = 18;
const OVER_MM = 8;
/** Every so many rows and columns are looked at. */
const STEP = 3;
/** Fewer borders than this tell nothing. */
const FEW = 30;
/** A lens blurs all borders alike, so the sharpest tenth tells of it; the others may be soft themselves. */
const SHARPEST = 0.1;

/** How wide the sharpest borders of a picture are, mm; undefined where it has hardly any. */
export function sharpestOf(tiles: Tiles): number | undefined {
  const { across, down, mm, on } = tiles;
  const reach = Math.max(1, Math.round(OVER_MM / mm / 2));
  const widths: number[] = [];
  const line = (first: number, step: number, count: number) => {
    for (let n = reach; n + reach < count; n += reach) {
      const at = first + n * step;
      if (!on[at - reach * step] || !on[at + reach * step]) continue;
      const whole = apartIn(tiles, at - reach * step, at + reach * step);
      if (whole < BORDER) continue;
      let steepest = 1e-6;
      for (let k = n - reach; k < n + reach; k++)
        steepest = Math.max(steepest, apartIn(tiles, first + k * step, first + (k + 1) * step));
      widths.push((mm * whole) / steepest);
    }
  };
  for (let y = 0; y < down; y += STEP) line(y * across, 1, across);
  for (let x = 0; x < across; x += STEP) line(x, across, down);
  widths.sort((a, b) => a - b);
  return widths.length < FEW ? undefined : widths[Math.floor(SHARPEST * widths.length)];
}
