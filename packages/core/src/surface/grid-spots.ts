/** An even row is kept unless its fields become more than e times as long as wide. */
const LONGEST_FIELD = Math.E;

/**
 * Where several cups go down: an even grid over the surface, each in the middle of its field, all rows alike where
 * that leaves the fields compact; else rows as near to square fields as can be, the last one shorter. One cup goes to the middle.
 */
export function gridSpots(count: number, widthMm: number, heightMm: number): [number, number][] {
  const across = evenAcross(count, widthMm, heightMm) ?? nearSquare(count, widthMm, heightMm);
  const rows = Math.ceil(count / across);
  return Array.from({ length: count }, (_, i) => {
    const row = Math.floor(i / across);
    const inRow = row === rows - 1 ? count - row * across : across;
    const column = i - row * across;
    return [
      Math.round(((column + 0.5) / inRow) * widthMm),
      Math.round(((row + 0.5) / rows) * heightMm),
    ];
  });
}

const nearSquare = (count: number, widthMm: number, heightMm: number): number =>
  Math.max(1, Math.round(Math.sqrt((count * widthMm) / heightMm)));

/** How many to a row so that all rows are alike and fields as square as that allows; undefined where they would be long. */
function evenAcross(count: number, widthMm: number, heightMm: number): number | undefined {
  const stretch = (across: number) =>
    Math.abs(Math.log(widthMm / across / (heightMm / (count / across))));
  const even = Array.from({ length: count }, (_, i) => i + 1).filter((n) => count % n === 0);
  const best = even.reduce<number | undefined>(
    (found, n) => (found === undefined || stretch(n) < stretch(found) ? n : found),
    undefined,
  );
  return best !== undefined && stretch(best) <= Math.log(LONGEST_FIELD) ? best : undefined;
}
