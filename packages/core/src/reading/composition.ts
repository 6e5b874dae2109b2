import type { Tiles } from './tiles';

/** How a picture is laid out. */
export interface Composition {
  /** What part of its contrast lies in each ninth, row by row. */
  readonly ninths: readonly number[];
  /** The ninth that draws the eye, and by how many times more than an even share it does. */
  readonly focus: { readonly ninth: number; readonly times: number };
  /** Where its darkness weighs: −1 all at the left or the top, 1 at the right or the bottom, 0 even. */
  readonly balance: readonly [x: number, y: number];
}

export function compositionOf(
  { across, down, lab, on }: Tiles,
  contrast: Float32Array,
): Composition {
  const ninths = new Array<number>(9).fill(0);
  const areas = new Array<number>(9).fill(0);
  let whole = 0;
  let count = 0;
  let [weight, right, low] = [0, 0, 0];
  for (let tile = 0; tile < on.length; tile++) {
    if (!on[tile]) continue;
    const [x, y] = [((tile % across) + 0.5) / across, (Math.floor(tile / across) + 0.5) / down];
    const ninth = 3 * Math.min(2, Math.floor(3 * y)) + Math.min(2, Math.floor(3 * x));
    const own = contrast[tile]! ** 2;
    ninths[ninth]! += own;
    areas[ninth]! += 1;
    whole += own;
    count++;
    const dark = 100 - lab[3 * tile]!;
    weight += dark;
    right += dark * (2 * x - 1);
    low += dark * (2 * y - 1);
  }
  const times = ninths.map((own, n) =>
    whole > 0 && areas[n]! > 0 ? own / whole / (areas[n]! / count) : 0,
  );
  const most = Math.max(...times);
  return {
    ninths: ninths.map((own) => (whole > 0 ? own / whole : 0)),
    focus: { ninth: times.indexOf(most), times: most },
    balance: weight > 0 ? [right / weight, low / weight] : [0, 0],
  };
}
