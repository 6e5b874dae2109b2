import type { Place } from './homography';

/** A symmetric matrix of two rows. */
interface Symmetric {
  readonly xx: number;
  readonly xy: number;
  readonly yy: number;
}

/** Where the middle of an area is, and its central second moments for each unit of it. */
interface Moments {
  readonly middle: Place;
  readonly spread: Symmetric;
}

/** The square root of a symmetric matrix none of whose stretches is negative, itself symmetric (Levinger, Mathematics Magazine 53, 1980). */
export function rootOf({ xx, xy, yy }: Symmetric): Symmetric {
  const root = Math.sqrt(Math.max(0, xx * yy - xy * xy));
  const trace = Math.sqrt(xx + yy + 2 * root);
  return { xx: (xx + root) / trace, xy: xy / trace, yy: (yy + root) / trace };
}

/** Those of an area of which places that stand for equal parts are known. */
export function momentsOf(places: readonly Place[]): Moments {
  let [sx, sy, sxx, sxy, syy] = [0, 0, 0, 0, 0];
  for (const [x, y] of places) {
    sx += x;
    sy += y;
    sxx += x * x;
    sxy += x * y;
    syy += y * y;
  }
  const n = Math.max(1, places.length);
  const [mx, my] = [sx / n, sy / n];
  return {
    middle: [mx, my],
    spread: { xx: sxx / n - mx * mx, xy: sxy / n - mx * my, yy: syy / n - my * my },
  };
}
