/** A closed outline as x, y pairs in mm, without its first point again at the end. Several rings bound a face by the even-odd rule. */
export type Ring = readonly number[];

/** The rings as [x, y] points, the form polygon packages read. */
export const pointsOf = (ring: Ring): [number, number][] =>
  Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!]);

/** Least and greatest x and y over all rings, mm. */
export function extentOf(rings: readonly Ring[]) {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const ring of rings)
    for (let i = 0; i < ring.length; i += 2) {
      left = Math.min(left, ring[i]!);
      right = Math.max(right, ring[i]!);
      top = Math.min(top, ring[i + 1]!);
      bottom = Math.max(bottom, ring[i + 1]!);
    }
  return { left, top, widthMm: right - left, heightMm: bottom - top };
}

/** Rings moved and then scaled. */
export const placed = (rings: readonly Ring[], dx: number, dy: number, scale = 1): Ring[] =>
  rings.map((ring) => ring.map((v, i) => (v + (i % 2 === 0 ? dx : dy)) * scale));

/** Rings with the upper left of their bounds at 0, 0. */
export function atOrigin(rings: readonly Ring[]): Ring[] {
  const { left, top } = extentOf(rings);
  return placed(rings, -left, -top);
}

/** Rings as SVG path data, mm to the hundredth. */
export const pathOf = (rings: readonly Ring[]): string =>
  rings
    .map((ring) => {
      const at = (i: number) => `${tidy(ring[2 * i]!)} ${tidy(ring[2 * i + 1]!)}`;
      return `M${Array.from({ length: ring.length / 2 }, (_, i) => at(i)).join('L')}Z`;
    })
    .join('');

const tidy = (mm: number): number => Number(mm.toFixed(2)) + 0;
