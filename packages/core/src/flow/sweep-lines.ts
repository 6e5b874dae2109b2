/**
 * Lines of a sweep, made once for a grid: the tridiagonal system of one row or column, its faces' coefficients and what crossed them, m.
 * Where two films run: the pace of the lower one and the height of the upper one before the sweep.
 */
export interface SweepLines {
  readonly upper: Float64Array;
  readonly right: Float64Array;
  readonly ahead: Float64Array;
  readonly back: Float64Array;
  readonly crossed: Float64Array;
  readonly pace: Float64Array;
  readonly upperWas: Float64Array;
}

export function sweepLines({ nx, ny }: { nx: number; ny: number }): SweepLines {
  const n = Math.max(nx, ny) + 1;
  const line = () => new Float64Array(n);
  return {
    upper: line(),
    right: line(),
    ahead: line(),
    back: line(),
    crossed: line(),
    pace: line(),
    upperWas: line(),
  };
}
