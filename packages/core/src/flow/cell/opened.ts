import { byRows } from '../by-rows';
import { begin, BOTTOM, type Columns, copyOf, goOn, pageOf, placeOf } from '../columns';
import type { Plate } from '../develop';
import type { Rows } from '../view';
import type { Cells, PaintCell } from './paint-cell';
import { begun } from './seen-in';
import { turning } from './turning';

/** Depths a column of a cell is looked up at, as shares of the film: closely at the top, where light still gets through. */
const DEPTHS = [0, 0.012, 0.04, 0.09, 0.18, 0.32, 0.5, 0.7, 0.86, 1];
/** Times the gap between two that differ is halved to find where the one paint ends. */
const HALVINGS = 3;
/** Rings of a rim are not told apart more finely than this, px. */
const FINEST_PX = 1.5;
/** A cell of a smaller radius is a speck in this picture, px. */
const LEAST_PX = 1;

/**
 * A plate with its cells open: in each what lay below is turned up to the surface, and what lay above has gone down at its rim. Columns of
 * all other places stay as they are. A generator: it yields now and then.
 * @param leftForS as they would be, left alone for so long after the last thing that moved them; as they are where absent
 */
export function* opened(plate: Plate, cells: Cells, leftForS?: number): Generator<number, Plate> {
  if (cells.cells.length === 0) return plate;
  const columns = copyOf(plate.columns);
  yield* openInto(columns, plate, cells, { from: 0, upTo: plate.height }, () => true, leftForS);
  return { ...plate, columns };
}

/** Of a plate, what cells are opened by. */
export type Closed = Pick<Plate, 'width' | 'height' | 'columns' | 'pxPerMm' | 'cover' | 'filmUm'>;

/** Rows a cell reaches into, those it may look at among them. */
export function rowsOf({ pxPerMm }: Closed, { atMm, reachMm }: PaintCell): Rows {
  const [middle, reach] = [atMm[1] * pxPerMm - 0.5, reachMm * pxPerMm];
  return { from: Math.floor(middle - reach), upTo: Math.ceil(middle + reach) + 1 };
}

/**
 * Opens cells in some rows of a plate: those that `opens` says, while the others only keep their places there, for where two meet the first has it.
 * A generator: it yields now and then.
 * @param columns a copy of the plate's, written on
 */
export function* openInto(
  columns: Columns,
  plate: Closed,
  { cells, factors }: Cells,
  { from: firstRow, upTo }: Rows,
  opens: (cell: PaintCell) => boolean,
  leftForS?: number,
): Generator<number, void> {
  const { columns: was, width, pxPerMm, cover, filmUm } = plate;
  const done = new Uint8Array(width * (upTo - firstRow));

  function open(cell: PaintCell): void {
    const rows = rowsOf(plate, cell);
    if (rows.upTo <= firstRow || rows.from >= upTo) return;
    if (cell.radiusMm * pxPerMm < LEAST_PX || !begun(cell, leftForS)) return;
    const { goTo, look, from } = turning(cell, factors, leftForS, FINEST_PX / pxPerMm);
    const [cx, cy] = [cell.atMm[0] * pxPerMm - 0.5, cell.atMm[1] * pxPerMm - 0.5];
    const reach = cell.reachMm * pxPerMm;
    const nucleus = pixelAt(plate, cx, cy);
    const turnsOver = opens(cell);
    for (
      let y = Math.max(firstRow, Math.ceil(cy - reach));
      y <= Math.min(upTo - 1, cy + reach);
      y++
    )
      for (let x = Math.max(0, Math.ceil(cx - reach)); x <= Math.min(width - 1, cx + reach); x++) {
        const i = y * width + x;
        const at = i - firstRow * width;
        if (done[at] || !cover[i] || was.count[i] === 0) continue;
        const dx = x - cx;
        const dy = y - cy;
        if (!goTo(dx / pxPerMm, dy / pxPerMm, filmUm[i]!)) continue;
        done[at] = 1;
        if (!turnsOver) continue;
        turnOver(columns, i, (depth) => {
          look(depth);
          const share = from[0]!;
          // A nucleus is one column: places in it by halves of a pixel would tear it into wedges.
          const near = share * share * (dx * dx + dy * dy) < 1;
          const there = near ? nucleus : pixelAt(plate, cx + dx * share, cy + dy * share);
          return stratumAt(was, there < 0 ? i : there, from[1]!);
        });
      }
  }

  yield* byRows(cells.length, (n) => open(cells[n]!));
}

/** Writes a pixel's column anew from what stratum lies how deep. */
function turnOver(columns: Columns, pixel: number, stratumIn: (depth: number) => number): void {
  let last = stratumIn(0);
  begin(columns, pixel, last);
  for (let n = 1; n < DEPTHS.length; n++) {
    const next = stratumIn(DEPTHS[n]!);
    if (next === last) continue;
    let above = DEPTHS[n - 1]!;
    let below = DEPTHS[n]!;
    for (let h = 0; h < HALVINGS; h++) {
      const middle = (above + below) / 2;
      if (stratumIn(middle) === last) above = middle;
      else below = middle;
    }
    if (!goOn(columns, pixel, next, (above + below) / 2)) return;
    last = next;
  }
}

/** The pixel a place in pixels lies in, where there is paint; else −1. */
function pixelAt({ width, height, columns, cover }: Closed, x: number, y: number): number {
  const [px, py] = [Math.round(x), Math.round(y)];
  if (px < 0 || py < 0 || px >= width || py >= height) return -1;
  const i = py * width + px;
  return cover[i]! && columns.count[i]! > 0 ? i : -1;
}

/** The stratum so deep in a pixel's column, 0..1. */
function stratumAt(columns: Columns, pixel: number, depth: number): number {
  const { strata, ends } = pageOf(columns, pixel);
  const first = placeOf(columns, pixel);
  const last = first + columns.count[pixel]! - 1;
  const end = depth * BOTTOM;
  let n = first;
  while (n < last && ends[n]! < end) n++;
  return strata[n]!;
}
