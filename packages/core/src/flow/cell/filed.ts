import type { PaintCell } from './paint-cell';

/** Side of the squares cells are filed by, mm. */
const SQUARE_MM = 4;

/** Cells filed in every square they reach into. */
export function filed() {
  const squares = new Map<number, PaintCell[]>();
  const squareOf = (mm: number) => Math.floor(mm / SQUARE_MM);
  /** The squares within so far of a place, those there are; made where they are wanted. */
  function over(x: number, y: number, reach: number, made: boolean): readonly PaintCell[][] {
    const found: PaintCell[][] = [];
    for (let sy = squareOf(y - reach); sy <= squareOf(y + reach); sy++)
      for (let sx = squareOf(x - reach); sx <= squareOf(x + reach); sx++) {
        const key = (sx + 4096) * 16384 + sy + 4096;
        let own = squares.get(key);
        if (!own && made) squares.set(key, (own = []));
        if (own) found.push(own);
      }
    return found;
  }
  return {
    /** Cells that reach into squares within so far of a place, square by square; some of them more than once. */
    near: (x: number, y: number, reach: number) => over(x, y, reach, false),
    add: (cell: PaintCell) => {
      for (const square of over(cell.atMm[0], cell.atMm[1], cell.reachMm, true)) square.push(cell);
    },
  };
}
