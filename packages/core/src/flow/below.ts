import { type Film, type Floats, upperShare } from './film';
import { excessOf } from './layers';
import type { Box } from './motion';
import { fluxBelow } from './profile';

/** Parts of a frame in which it is carried: a mouth's paint goes a cell or two in one. */
const PARTS = 4;
/** Keeps what is bare from dividing by nothing. */
const NOTHING_M = 1e-30;

/** What lay on the ground before paint came on it, and still lies below that. */
export interface Below {
  /** Its height, m, cell by cell. */
  readonly m: Float64Array;
  /** Up to which level of the film that is, height ÷ wet height; good until it is asked again. */
  readonly levels: () => Floats;
  /** Carries it through the frame that has just ended. */
  readonly carry: () => void;
}

/**
 * Follows all that lies there now as the lower part of a film: of what crosses a cell's face it is the share that runs below its level where that comes
 * from (`fluxBelow`), so none is lost. Upwind, in parts of a frame between whose ends the film rises evenly; no cell gives more than it has.
 * @param within the cells it is followed in; around them it stays as it was
 * @param lowerNu see `Layers`; asked at each frame, undefined where all is as thick
 */
export function layingBelow(film: Film, within: Box, lowerNu: () => number | undefined): Below {
  const { h, fluxX, fluxY } = film;
  const { nx, dx } = film.grid;
  const { left, top, right, bottom } = within;
  const m = Float64Array.from(h);
  const was = Float64Array.from(h);
  const shares = new Float64Array(h.length);
  const excess = new Float64Array(h.length);
  const goes = new Float64Array(h.length);
  const height = (i: number, through: number): number => was[i]! + (h[i]! - was[i]!) * through;
  /** What crosses a face, from where it comes. */
  const crosses = (flux: number, from: number, to: number): number =>
    flux * (flux > 0 ? shares[from]! : shares[to]!);

  const levels = () => {
    for (let i = 0; i < m.length; i++) shares[i] = h[i]! > 0 ? Math.min(1, m[i]! / h[i]!) : 0;
    return shares;
  };

  /** What leaves each cell through all its sides, and how its profile differs: the whole frame long, and in the cells around too, for what comes from there. */
  const look = (lower: number | undefined) => {
    for (let y = top - 1; y <= bottom + 1; y++)
      for (let i = y * nx + left - 1; i <= y * nx + right + 1; i++) {
        excess[i] = lower ? excessOf(upperShare(film, i), lower, Math.exp(film.lnNu[i]!)) : 0;
        goes[i] =
          Math.max(0, -fluxX[i]!) +
          Math.max(0, fluxX[i + 1]!) +
          Math.max(0, -fluxY[i]!) +
          // Below the last row of the grid nothing flows.
          Math.max(0, fluxY[i + nx] ?? 0);
      }
  };

  /** Of what leaves each cell in a part of the frame the share that is of it. */
  const share = (part: number, each: number) => {
    for (let y = top - 1; y <= bottom + 1; y++)
      for (let i = y * nx + left - 1; i <= y * nx + right + 1; i++) {
        const level = Math.min(1, m[i]! / (height(i, (part + 0.5) / PARTS) + NOTHING_M));
        shares[i] = Math.min(fluxBelow(level, excess[i]!), m[i]! / (each * goes[i]! + NOTHING_M));
      }
  };

  const carry = () => {
    const each = 1 / (dx * PARTS);
    look(lowerNu());
    for (let part = 0; part < PARTS; part++) {
      share(part, each);
      for (let y = top; y <= bottom; y++)
        for (let i = y * nx + left; i <= y * nx + right; i++) {
          const comes =
            crosses(fluxX[i]!, i - 1, i) -
            crosses(fluxX[i + 1]!, i, i + 1) +
            crosses(fluxY[i]!, i - nx, i) -
            crosses(fluxY[i + nx]!, i, i + nx);
          m[i] = Math.min(Math.max(0, m[i]! + each * comes), height(i, (part + 1) / PARTS));
        }
    }
    was.set(h);
  };
  return { m, levels, carry };
}
