import type { Cup } from './schema';
import type { Outlet } from './withdraw';

/** An inverted mouth empties from the top of the cup as loaded, with a film left on the wall until the end (tuned). */
export const TURNED_OVER: Outlet = { from: 'top', reach: 0.03, cling: 0.1 };
/** Over a lip the top leaves first, a little of what lies below with it (tuned). */
const RIM: Outlet = { from: 'top', reach: 0.08, cling: 0.02 };
/** A bottom that is lifted off its paint lets all go, what stood lowest first (tuned). */
const BOTTOM: Outlet = { from: 'bottom', reach: 0.03, cling: 0.1 };
/** Holes draw from a dish round each of them (tuned). */
const HOLES: Outlet = { from: 'bottom', reach: 0.12, cling: 0.05 };
/** A tip draws a cone from far up (tuned). */
const TIP: Outlet = { from: 'bottom', reach: 0.15, cling: 0.02 };

/** How a cup empties when it is poured, by its outlet. Turning it over is another matter. */
export function outletOf(outlet: Cup['outlet'] = 'rim'): Outlet {
  if (outlet === 'rim') return RIM;
  if (outlet === 'bottom') return BOTTOM;
  return 'tipMm' in outlet ? TIP : HOLES;
}

/** Whether what went in first leaves first (handbook 5, common practice, no published source). */
export const firstInFirstOut = (outlet: Cup['outlet'] = 'rim'): boolean =>
  outletOf(outlet).from === 'bottom';

/** What becomes of the first and the last that leave a cup poured through this outlet (handbook 5, common practice, no published source). */
export function outletWords(outlet: Cup['outlet'] = 'rim'): {
  readonly first: string;
  readonly last: string;
} {
  if (typeof outlet === 'object' && 'tipMm' in outlet)
    return {
      first: 'what stood lowest, as the first of a thin line',
      last: 'what stood on top, at the end of the line',
    };
  if (typeof outlet === 'object')
    return {
      first: `what stood lowest, through all ${outlet.holes} holes at once`,
      last: 'what stood on top, to the middle of every spot',
    };
  if (firstInFirstOut(outlet))
    return {
      first: 'what stood at the bottom, runs outward',
      last: 'what stood on top, comes last, to the centre',
    };
  return {
    first: 'leaves first, is pushed outward by all that follows',
    last: 'comes last, to the centre',
  };
}
