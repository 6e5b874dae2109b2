import { BANDS, WX, WY, WZ } from './observer';
import { remember } from './remember';
import { hexToLinear, linearToHex, type Rgb, xyzToLinear } from './srgb';

/** Reflectance by band, 0..1; layout as in `observer.ts`: index i is 380 + 10·i nm. */
export type Spectrum = Float64Array;

/** CIE XYZ of a reflectance under D65. */
function spectrumToXyz(reflectance: Spectrum): Rgb {
  let x = 0;
  let y = 0;
  let z = 0;
  for (let i = 0; i < BANDS; i++) {
    const r = reflectance[i] as number;
    x += (WX[i] as number) * r;
    y += (WY[i] as number) * r;
    z += (WZ[i] as number) * r;
  }
  return [x, y, z];
}

/** Luminous reflectance Y of a spectrum. */
export function luminance(reflectance: Spectrum): number {
  let y = 0;
  for (let i = 0; i < BANDS; i++) y += (WY[i] as number) * (reflectance[i] as number);
  return y;
}

export const spectrumToHex = (reflectance: Spectrum): string =>
  linearToHex(xyzToLinear(spectrumToXyz(reflectance)));

// Rows of T: linear r, g, b of a reflectance.
const T = [0, 1, 2].map((row) =>
  Float64Array.from(
    { length: BANDS },
    (_, i) => xyzToLinear([WX[i] ?? 0, WY[i] ?? 0, WZ[i] ?? 0])[row] ?? 0,
  ),
) as [Float64Array, Float64Array, Float64Array];

/** Outside these limits no smooth reflectance has the colour: near black and fluorescent bright. */
const DARKEST = 0.003;
const LIGHTEST = 0.96;
/** Ties the constant of z, which the slope alone leaves free; small enough to move no colour visibly. */
const TIE = 1e-6;

/** Colours kept at hand: those of a large shelf and of what is searched through beside it; 300 bytes each. */
const MOST_COLOURS = 4096;
const known = remember<Spectrum>(MOST_COLOURS);

/**
 * The smoothest reflectance that has this colour: least squared slope of z with R = (tanh z + 1)/2, held to
 * the colour by three multipliers (least hyperbolic tangent slope squared, Burns; from memory).
 * Newton's method; the second differences make the system tridiagonal, so one step costs four sweeps
 * and a 3 × 3 solve. Remembered by hex, since a palette asks for the same few colours again and again.
 */
export const hexToSpectrum = (hex: string): Spectrum =>
  known(hex, () =>
    smoothest(
      hexToLinear(hex).map((c) => Math.min(LIGHTEST, Math.max(DARKEST, c))) as unknown as Rgb,
    ),
  );

function smoothest(target: Rgb): Spectrum {
  const z = new Float64Array(BANDS);
  const reflectance = new Float64Array(BANDS);
  const diagonal = new Float64Array(BANDS);
  // Right-hand sides, solved in place: the gradient, then one column of the colour's Jacobian for each of r, g, b.
  const columns = [0, 1, 2, 3].map(() => new Float64Array(BANDS)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const J = [0, 1, 2].map(() => new Float64Array(BANDS));
  const lambda = new Float64Array(3);
  for (let round = 0; round < 40; round++) {
    for (let i = 0; i < BANDS; i++) {
      const t = Math.tanh(z[i]!);
      reflectance[i] = (t + 1) / 2;
      const slope = (1 - t * t) / 2;
      const curve = -t * (1 - t * t);
      let pull = 0;
      for (let k = 0; k < 3; k++) {
        pull += lambda[k]! * T[k]![i]!;
        columns[k + 1]![i] = J[k]![i] = T[k]![i]! * slope;
      }
      const left = i > 0 ? z[i]! - z[i - 1]! : 0;
      const right = i < BANDS - 1 ? z[i + 1]! - z[i]! : 0;
      columns[0][i] = 2 * (left - right) + 2 * TIE * z[i]! + pull * slope;
      diagonal[i] = (i === 0 || i === BANDS - 1 ? 2 : 4) + 2 * TIE + pull * curve;
    }
    const miss = T.map((row, k) => dot(row, reflectance) - target[k]!);
    if (Math.max(maxAbs(miss), maxAbs(columns[0])) < 1e-8) break;
    // Block elimination: H dz = -gradient - Jᵀ dλ and J dz = -miss.
    solveTridiagonal(diagonal, -2, columns);
    const step = solve3(
      J.map((row) => [dot(row, columns[1]), dot(row, columns[2]), dot(row, columns[3])]),
      J.map((row, k) => miss[k]! - dot(row, columns[0])),
    );
    const dz = columns[0];
    for (let i = 0; i < BANDS; i++) {
      dz[i] =
        -dz[i]! - step[0] * columns[1][i]! - step[1] * columns[2][i]! - step[2] * columns[3][i]!;
    }
    // A bold step overshoots where tanh is flat: hold any band's change to 2.
    const damp = Math.min(1, 2 / Math.max(maxAbs(dz), 1e-12));
    for (let i = 0; i < BANDS; i++) z[i] = z[i]! + damp * dz[i]!;
    for (let k = 0; k < 3; k++) lambda[k] = lambda[k]! + damp * step[k]!;
  }
  return reflectance;
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

function maxAbs(values: ArrayLike<number>): number {
  let most = 0;
  for (let i = 0; i < values.length; i++) most = Math.max(most, Math.abs(values[i]!));
  return most;
}

/** Thomas algorithm for a symmetric tridiagonal matrix with one constant beside the diagonal; columns are solved in place. */
function solveTridiagonal(
  diagonal: Float64Array,
  beside: number,
  columns: readonly Float64Array[],
): void {
  const n = diagonal.length;
  const upper = new Float64Array(n);
  let pivot = diagonal[0]!;
  for (const x of columns) x[0] = x[0]! / pivot;
  for (let i = 1; i < n; i++) {
    upper[i - 1] = beside / pivot;
    pivot = diagonal[i]! - beside * upper[i - 1]!;
    for (const x of columns) x[i] = (x[i]! - beside * x[i - 1]!) / pivot;
  }
  for (const x of columns) for (let i = n - 2; i >= 0; i--) x[i] = x[i]! - upper[i]! * x[i + 1]!;
}

/** Cramer's rule for three unknowns. */
function solve3(m: readonly (readonly number[])[], r: readonly number[]): [number, number, number] {
  const [[a, b, c], [d, e, f], [g, h, i]] = m as unknown as [Row, Row, Row];
  const [p, q, s] = r as unknown as Row;
  const whole = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return [
    (p * (e * i - f * h) - b * (q * i - f * s) + c * (q * h - e * s)) / whole,
    (a * (q * i - f * s) - p * (d * i - f * g) + c * (d * s - q * g)) / whole,
    (a * (e * s - q * h) - b * (d * s - q * g) + p * (d * h - e * g)) / whole,
  ];
}

type Row = [number, number, number];
