import { solve } from './solve';

/** An opaque picture, four bytes a pixel in rows from the top. */
export interface Pixels {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
}

/** A piece takes up at least this share of a photograph that is meant to be of it, and no more than that: else its edges are not in it. */
export const LEAST_SHARE = 0.06;
export const MOST_SHARE = 0.97;

/** A round of the border this wide is table, as a share of the longer side. */
const BORDER = 0.035;
/** Terms of the surface: 1, x, y, x², xy, y². */
const TERMS = 6;
/** What lies this many deviations off is no table: a cup, a hand, the piece itself where it reaches the border. */
const OUTLIER = 2.2;
const ROUNDS = 5;
/** Of the border every other pixel is looked at where the longer side has so many; of a larger picture no more of them. */
const LOOKED_AT = 640;

/** What a table looks like under a piece that lies on it, by what it looks like round it: three channels of bytes, as smooth surfaces, and how far it strays from them. */
export interface TableModel {
  /** Byte values of a channel at a pixel. */
  readonly at: (channel: number, x: number, y: number) => number;
  /** Standard deviation, all channels together, bytes. */
  readonly strays: number;
}

/** Fits the table from the picture's border, leaving out what does not belong to it. */
export function tableOf({ width, height, rgba }: Pixels): TableModel {
  const rim = Math.max(2, Math.round(BORDER * Math.max(width, height)));
  const stride = Math.max(2, Math.round((2 * Math.max(width, height)) / LOOKED_AT));
  const places: number[] = [];
  for (let y = 0; y < height; y += stride)
    for (let x = 0; x < width; x += stride)
      if (x < rim || y < rim || x >= width - rim || y >= height - rim) places.push(y * width + x);
  const terms = (x: number, y: number): number[] => {
    const u = (2 * x) / width - 1;
    const v = (2 * y) / height - 1;
    return [1, u, v, u * u, u * v, v * v];
  };
  const basis = places.map((i) => terms(i % width, Math.floor(i / width)));
  let kept = places.map(() => true);
  let surfaces: number[][] = [[], [], []];
  let strays = 1;
  for (let round = 0; round < ROUNDS; round++) {
    surfaces = [0, 1, 2].map((c) =>
      leastSquares(
        basis,
        places.map((i) => rgba[4 * i + c]!),
        kept,
      ),
    );
    const off = places.map((i, k) =>
      Math.hypot(...[0, 1, 2].map((c) => rgba[4 * i + c]! - dot(surfaces[c]!, basis[k]!))),
    );
    const within = off.filter((_, k) => kept[k]).sort((a, b) => a - b);
    // The middle of what is kept tells its spread, whatever hangs on at its end.
    strays = Math.max(1.5, (within[Math.floor(within.length / 2)] ?? 1) / MEDIAN_OF_THREE);
    kept = off.map((d) => d <= OUTLIER * strays * MEDIAN_OF_THREE);
  }
  return {
    at: (channel, x, y) => {
      const [a, b, c, d, e, f] = surfaces[channel] as [
        number,
        number,
        number,
        number,
        number,
        number,
      ];
      const u = (2 * x) / width - 1;
      const v = (2 * y) / height - 1;
      return a + u * (b + d * u + e * v) + v * (c + f * v);
    },
    strays,
  };
}

/** The median distance of three unit normals from their middle (chi with three degrees of freedom). */
const MEDIAN_OF_THREE = 1.538;

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, n, i) => sum + n * b[i]!, 0);

/** The coefficients that fit best, by the normal equations; a little weight toward nothing keeps them sound where all lies on one side. */
function leastSquares(
  basis: readonly (readonly number[])[],
  values: readonly number[],
  kept: readonly boolean[],
): number[] {
  const normal = Array.from({ length: TERMS }, (_, i) =>
    Array.from({ length: TERMS + 1 }, (__, j) => (i === j ? 1e-3 : 0) as number),
  );
  basis.forEach((row, k) => {
    if (!kept[k]) return;
    for (let i = 0; i < TERMS; i++) {
      for (let j = 0; j < TERMS; j++) normal[i]![j] = normal[i]![j]! + row[i]! * row[j]!;
      normal[i]![TERMS] = normal[i]![TERMS]! + row[i]! * values[k]!;
    }
  });
  return solve(normal) ?? new Array<number>(TERMS).fill(0);
}
