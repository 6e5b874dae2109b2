/**
 * Where several cups go down: an even grid over the surface, filled row by row, each in the middle of its field.
 * One cup goes to the middle.
 */
export function spots(count: number, widthMm: number, heightMm: number): [number, number][] {
  const across = Math.max(1, Math.round(Math.sqrt((count * widthMm) / heightMm)));
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
