import { deltaE2000 } from './delta-e';
import { kOverS, reflectanceOf } from './film';
import { hexToLab, xyzToLab } from './lab';
import { BANDS, WX, WY, WZ } from './observer';
import { hexToSpectrum, type Spectrum } from './spectrum';

/** A tint swatch is one part of a paint in so many of titanium white. */
export const SWATCH_WHITE = 10;
/** Titanium white's masstone; its pull is the measure of all others, 1. */
const WHITE_HEX = '#f7f6f2';
let whiteQ: Spectrum | undefined;

/** Pulls outside these no swatch tells apart. */
const LEAST = 0.01;
const MOST = 8;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/**
 * The pull σ with which a paint of this q, one part in ten of titanium white, comes nearest to the colour its swatch dried to, CIEDE2000. By
 * golden section (Kiefer 1953) in ln σ: a tint only goes from white's colour toward the paint's as σ grows.
 */
export function pullOfSwatch(q: Spectrum, swatchHex: string): number {
  whiteQ ??= hexToSpectrum(WHITE_HEX).map(kOverS);
  const white = whiteQ;
  const wanted = hexToLab(swatchHex);
  const miss = (ln: number) => {
    const sigma = Math.exp(ln);
    let x = 0;
    let y = 0;
    let z = 0;
    for (let i = 0; i < BANDS; i++) {
      const r = reflectanceOf((SWATCH_WHITE * white[i]! + sigma * q[i]!) / (SWATCH_WHITE + sigma));
      x += WX[i]! * r;
      y += WY[i]! * r;
      z += WZ[i]! * r;
    }
    return deltaE2000(xyzToLab([x, y, z]), wanted);
  };
  let low = Math.log(LEAST);
  let high = Math.log(MOST);
  let a = high - GOLDEN * (high - low);
  let b = low + GOLDEN * (high - low);
  let [atA, atB] = [miss(a), miss(b)];
  while (high - low > 1e-4)
    if (atA <= atB) {
      [high, b, atB] = [b, a, atA];
      a = high - GOLDEN * (high - low);
      atA = miss(a);
    } else {
      [low, a, atA] = [a, b, atB];
      b = low + GOLDEN * (high - low);
      atB = miss(b);
    }
  return Math.exp((low + high) / 2);
}
