type Point = readonly [number, number];

/** Distance of a place from a straight stretch. */
export function fromSegment(x: number, y: number, [ax, ay]: Point, [bx, by]: Point): number {
  const [dx, dy] = [bx - ax, by - ay];
  const long = dx * dx + dy * dy;
  const share = long > 0 ? Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / long)) : 0;
  return Math.hypot(x - ax - share * dx, y - ay - share * dy);
}

/** Distance of a place from a line of straight stretches. */
export const fromLine = (x: number, y: number, line: readonly Point[]): number =>
  line.length === 1
    ? fromSegment(x, y, line[0]!, line[0]!)
    : line
        .slice(1)
        .reduce((least, to, i) => Math.min(least, fromSegment(x, y, line[i]!, to)), Infinity);
