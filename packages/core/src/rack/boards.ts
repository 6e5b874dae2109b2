/** Air between two wet pieces, and between a piece and the edge, mm (estimate). */
const GAP_MM = 20;

/** Something that lies flat, and how often. */
interface Lying {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly pieces: number;
}

interface Board {
  readonly widthMm: number;
  readonly depthMm: number;
}

/**
 * How many boards pieces take that lie flat side by side, in rows, each first where it fits with the deepest laid first (first-fit decreasing height;
 * Coffman, Garey, Johnson and Tarjan 1980: at most 1.7 times the least there is). Infinity where one fits on no board at all.
 */
export function boardsFor(lying: readonly Lying[], board: Board): number {
  const room = { w: board.widthMm - GAP_MM, d: board.depthMm - GAP_MM };
  const each = lying.flatMap(({ widthMm, heightMm, pieces }) => {
    const [long, short] = [Math.max(widthMm, heightMm), Math.min(widthMm, heightMm)];
    const [w, d] =
      short + GAP_MM <= room.d && long + GAP_MM <= room.w ? [long, short] : [short, long];
    return Array.from({ length: pieces }, () => ({ w: w + GAP_MM, d: d + GAP_MM }));
  });
  if (each.some(({ w, d }) => w > room.w || d > room.d)) return Infinity;
  // A board is rows, each as deep as the first that lies in it.
  const boards: { leftD: number; rows: { leftW: number; d: number }[] }[] = [];
  for (const { w, d } of each.sort((a, b) => b.d - a.d)) {
    const row = boards.flatMap(({ rows }) => rows).find((r) => r.leftW >= w && r.d >= d);
    if (row) {
      row.leftW -= w;
      continue;
    }
    let on = boards.find(({ leftD }) => leftD >= d);
    if (!on) boards.push((on = { leftD: room.d, rows: [] }));
    on.leftD -= d;
    on.rows.push({ leftW: room.w - w, d });
  }
  return boards.length;
}
