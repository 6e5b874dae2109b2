import { drawdown, opacityOf } from '@potter/core/mix';
import { paintOptics } from '@potter/core/optics';
import type { Paint } from '@potter/core/paint';

/** A paint's chip: two brush coats of it undiluted, over white and over black, and the class that makes. */
export function paintChip(paint: Paint) {
  const optics = paintOptics(paint);
  const { hexOverWhite, hexOverBlack } = drawdown(optics);
  return { overWhite: hexOverWhite, overBlack: hexOverBlack, opacity: opacityOf(optics) };
}
