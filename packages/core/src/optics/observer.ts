import { WHITE_D65 } from './lab';

/** Bands of every spectrum in the core: 36, from 380 to 730 nm, 10 nm apart. */
export const BANDS = 36;

// CIE 1931 2° observer and CIE illuminant D65 at those bands (CIE 15; from memory, white checked in the tests).
// prettier-ignore
const X_BAR = [0.0014, 0.0042, 0.0143, 0.0435, 0.1344, 0.2839, 0.3483, 0.3362, 0.2908, 0.1954, 0.0956, 0.032, 0.0049, 0.0093, 0.0633, 0.1655, 0.2904, 0.4334, 0.5945, 0.7621, 0.9163, 1.0263, 1.0622, 1.0026, 0.8544, 0.6424, 0.4479, 0.2835, 0.1649, 0.0874, 0.0468, 0.0227, 0.0114, 0.0058, 0.0029, 0.0014];
// prettier-ignore
const Y_BAR = [0, 0.0001, 0.0004, 0.0012, 0.004, 0.0116, 0.023, 0.038, 0.06, 0.091, 0.139, 0.208, 0.323, 0.503, 0.71, 0.862, 0.954, 0.995, 0.995, 0.952, 0.87, 0.757, 0.631, 0.503, 0.381, 0.265, 0.175, 0.107, 0.061, 0.032, 0.017, 0.0082, 0.0041, 0.0021, 0.001, 0.0005];
// prettier-ignore
const Z_BAR = [0.0065, 0.0201, 0.0679, 0.2074, 0.6456, 1.3856, 1.7471, 1.7721, 1.6692, 1.2876, 0.813, 0.4652, 0.272, 0.1582, 0.0782, 0.0422, 0.0203, 0.0087, 0.0039, 0.0021, 0.0017, 0.0011, 0.0008, 0.0003, 0.0002, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0];
// prettier-ignore
const D65 = [49.9755, 54.6482, 82.7549, 91.486, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811, 109.354, 107.802, 104.79, 107.689, 104.405, 104.046, 100, 96.3342, 95.788, 88.6856, 90.0062, 89.5991, 87.6987, 83.2886, 83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091, 74.349, 61.604, 69.8856];

const weights = (bar: readonly number[], white: number): Float64Array => {
  const raw = bar.map((c, i) => c * (D65[i] ?? 0));
  const sum = raw.reduce((a, b) => a + b, 0);
  // Scaled so that a perfect reflector gives exactly the white of sRGB.
  return Float64Array.from(raw, (w) => (w / sum) * white);
};

/** Weight of each band in X, Y and Z under D65: X = Σ WX[i]·R[i]. */
export const WX = weights(X_BAR, WHITE_D65[0]);
export const WY = weights(Y_BAR, WHITE_D65[1]);
export const WZ = weights(Z_BAR, WHITE_D65[2]);
