import type { Factors } from '../../factor';
import { cameFrom, overturn } from './overturn';
import type { PaintCell } from './paint-cell';
import { cellAge, rhoAt, tornAt } from './seen-in';
import { turnsOf } from './split';

/** What lay nearer to its middle than this share of the way comes up through a cell as one: its nucleus (judgement). */
const NUCLEUS = 0.35;

/**
 * Beyond this a cell draws what it turns over into rings finer than a large picture shows: pixel by pixel they are specks, so they are told ring by ring. In a
 * picture in which a ring were wider than this, a cell is too small for anybody to see which.
 */
const RIM = 0.6;
const WIDEST = 0.15;

/** A cell as it turns its film over. */
export interface Turning {
  /** Goes to a place so far from its middle, mm, where the film is so high, µm; returns whether the cell reaches there. */
  readonly goTo: (x: number, y: number, um: number) => boolean;
  /** Finds out where what now lies so deep there, 0..1, came from: written to `from`. */
  readonly look: (depth: number) => void;
  /** What part of the way out from the middle it lay, and how deep, 0..1. */
  readonly from: Float64Array;
}

/**
 * @param leftForS as it would be, left alone for so long; as it is where absent
 * @param finestMm rings of its rim are not told apart more finely than this
 */
export function turning(
  cell: PaintCell,
  factors: Factors,
  leftForS?: number,
  finestMm = 0,
): Turning {
  const ring = finestMm / cell.radiusMm;
  const inRings = ring > 0 && ring <= WIDEST;
  const table = overturn(cellAge(cell, factors, leftForS));
  const tearsUm = factors['cell-tears-at'];
  const turns = turnsOf(cell.ripe.split);
  const from = new Float64Array(2);
  let rho = 0;
  let torn = 0;
  return {
    from,
    goTo: (x, y, um) => {
      rho = rhoAt(cell, x, y);
      if (rho >= 1) return false;
      if (inRings && rho > RIM) rho = (Math.floor(rho / ring) + 0.5) * ring;
      torn = tornAt(table, rho, tearsUm / Math.max(1, turns * um));
      return true;
    },
    look: (depth) => {
      // What lies deeper than it turns stays where it is.
      if (depth >= turns) {
        from[0] = 1;
        from[1] = depth;
        return;
      }
      cameFrom(table, rho, torn + (depth / turns) * (1 - torn), from);
      const share = rho > 1e-6 ? from[0]! / rho : 0;
      from[0] = share < NUCLEUS ? 0 : share;
      from[1] = turns * from[1]!;
    },
  };
}
