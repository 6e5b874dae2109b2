import type { OpacityClass, Paint } from '../paint/schema';
import { mixWeightOf } from '../paint/property';
import { filmReflectance, filmSpectrum, kOverS, TEST_WHITE, type Tint } from './film';
import { BANDS, WY } from './observer';
import { remember } from './remember';
import { SEEN, sxShowing } from './seen';
import { hexToSpectrum, luminance, type Spectrum } from './spectrum';
import { hexToLinear, linearToXyz } from './srgb';
import { pullOfSwatch } from './tint-swatch';

/** Two brush coats: the wet film a paint's opacity is stated for. */
export const REFERENCE_UM = 200;
/** The contrast ratio at which a black mark just stops showing. */
const HIDING = 0.95;

/** Contrast ratio Y over black ÷ Y over white 0.80 of a film (ISO 6504-3, ASTM D2805). */
export function contrastRatio(tint: Tint, thicknessUm: number): number {
  return (
    luminance(filmSpectrum(tint, thicknessUm, 0)) /
    luminance(filmSpectrum(tint, thicknessUm, TEST_WHITE))
  );
}

/** The ratio of opacity as a schema takes it: neither nothing nor all. */
const LEAST_RATIO = 0.005;
const MOST_RATIO = 0.9999;

/** A ratio that was measured, as a paint may have it. */
export const heldRatio = (ratio: number): number =>
  Math.min(MOST_RATIO, Math.max(LEAST_RATIO, ratio));

/** Contrast ratio of a card from two colours of a picture of it, in even light: paint over the black bar ÷ paint beside it, by luminance. */
export function ratioSeen(overBlackHex: string, besideHex: string): number {
  const [, black] = linearToXyz(hexToLinear(overBlackHex));
  const [, beside] = linearToXyz(hexToLinear(besideHex));
  return heldRatio(black / Math.max(1e-6, beside));
}

const hidingPower = new WeakMap<Spectrum, number>();

/** The S·X at which a colour of this q reaches the hiding contrast ratio; S and X only ever act as their product. */
export function hidingSx(q: Spectrum): number {
  const cached = hidingPower.get(q);
  if (cached !== undefined) return cached;
  const sx = solveRatio(q, HIDING);
  hidingPower.set(q, sx);
  return sx;
}

/**
 * The S·X that gives a contrast ratio. The ratio grows with S·X along an S-shaped curve that is nearly straight in
 * logit against log, so a bracketed secant (Illinois, Dowell and Jarratt 1971) needs some ten steps where halving needs fifty.
 */
function solveRatio(q: Spectrum, ratio: number): number {
  const logit = (r: number) => {
    // A film that hides all gives 1, or a hair more by rounding, whose logit is no number.
    const held = Math.min(r, 1 - 1e-15);
    return Math.log(held / (1 - held));
  };
  const miss = (logSx: number) => logit(ratioAt(q, Math.exp(logSx))) - logit(ratio);
  // From a bare tint to a tar.
  let low = Math.log(1e-6);
  let high = Math.log(1e3);
  let atLow = miss(low);
  let atHigh = miss(high);
  let kept = 0;
  for (let i = 0; i < 60 && high - low > 1e-9; i++) {
    const next = high - (atHigh * (high - low)) / (atHigh - atLow);
    const at = miss(next);
    if (Math.abs(at) < 1e-10) return Math.exp(next);
    if (at > 0) {
      [high, atHigh] = [next, at];
      if (kept === 1) atLow /= 2;
      kept = 1;
    } else {
      [low, atLow] = [next, at];
      if (kept === -1) atHigh /= 2;
      kept = -1;
    }
  }
  return Math.exp((low + high) / 2);
}

function ratioAt(q: Spectrum, sx: number): number {
  let black = 0;
  let white = 0;
  for (let i = 0; i < BANDS; i++) {
    const k = q[i] as number;
    black += (WY[i] as number) * filmReflectance(k, 1, sx, 0);
    white += (WY[i] as number) * filmReflectance(k, 1, sx, TEST_WHITE);
  }
  return black / white;
}

/**
 * Hiding reserve D of a tint: 200 µm ÷ the wet thickness at which it hides, so "how many times may it be
 * thinned and still just hide in two coats". Diluting or thinning a film divides it. The class is told by the eye: see `classSeen`.
 */
export const reserveOf = ({ q, s }: Tint): number => (s * REFERENCE_UM) / hidingSx(q);

/**
 * Reserve taken at least for a paint of which only the class is known: about the middle of the class for a light colour. Dark
 * transparents want more, or they would come out pale over white: see `SEEN`.
 */
const CLASS_RESERVE: Readonly<Record<OpacityClass, number>> = {
  opaque: 1.7,
  'semi-opaque': 0.58,
  'semi-transparent': 0.19,
  transparent: 0.07,
};

/** A paint as optics see it: its tint undiluted, and its pull σ in a blend. */
export interface PaintOptics extends Tint {
  readonly sigma: number;
  readonly reserve: number;
}

/** Paints kept at hand: those of a large shelf. */
const MOST_PAINTS = 4096;
const known = remember<PaintOptics>(MOST_PAINTS);

/**
 * Optics of a paint from its masstone and its opacity, class or measured ratio. Reserve is kept within
 * 0.02 to 20: outside, neither a swatch nor a pour can tell the difference.
 */
export const paintOptics = (paint: Paint): PaintOptics =>
  known(
    `${paint.hex}|${JSON.stringify(paint.opacity)}|${(paint.pigments ?? []).join('+')}|${paint.tint10Hex ?? ''}`,
    () => opticsOf(paint),
  );

function opticsOf(paint: Paint): PaintOptics {
  const q = qOf(paint.hex);
  const { opacity } = paint;
  const { reserve, s } = judged(q, opacity);
  // Of a class no more is known than its usual reserve, however much the film was helped to show its colour.
  const pulls = typeof opacity === 'string' ? CLASS_RESERVE[opacity] : reserve;
  const sigma =
    paint.tint10Hex === undefined ? mixWeightOf(paint, pulls) : pullOfSwatch(q, paint.tint10Hex);
  return { q, s, sigma, reserve };
}

/** How a film of this q hides that is as opaque as was judged, by class or by a measured ratio. */
function judged(q: Spectrum, opacity: Paint['opacity']) {
  const asked =
    typeof opacity === 'string'
      ? sxOfClass(q, opacity)
      : (solveRatio(q, opacity.contrastRatio) / opacity.wetMicrons) * REFERENCE_UM;
  const reserve = Math.min(20, Math.max(0.02, asked / hidingSx(q)));
  return { reserve, s: (reserve * hidingSx(q)) / REFERENCE_UM };
}

/** A tint of this q as a card of it was judged. */
export const judgedTint = (q: Spectrum, opacity: Paint['opacity']): Tint => ({
  q,
  s: judged(q, opacity).s,
});

/** One brush coat, half of the two that opacity is stated for. */
const COAT_UM = REFERENCE_UM / 2;

/** The opacity of a paint of which one dried coat looked like a class: told as a ratio, for a class is of two. */
export const opacityOfCoat = (q: Spectrum, seen: OpacityClass): Paint['opacity'] => ({
  contrastRatio: Number(heldRatio(ratioAt(q, sxShowing(q, SEEN[seen].usual))).toFixed(4)),
  wetMicrons: COAT_UM,
});

/**
 * The S·X of two coats of a paint of which only the class is known: what shows a bar as its class usually does, its usual reserve, or what
 * falls no more than a class at 1 : 2 (common practice, no published source), whichever is most, but no more than its class allows.
 */
function sxOfClass(q: Spectrum, opacity: OpacityClass): number {
  const { usual, least, thinned } = SEEN[opacity];
  const wanted = Math.max(
    sxShowing(q, usual),
    CLASS_RESERVE[opacity] * hidingSx(q),
    thinned === undefined ? 0 : 3 * sxShowing(q, thinned),
  );
  return least > 0 ? Math.min(wanted, sxShowing(q, least)) : wanted;
}

const masstoneQ = remember<Spectrum>(MOST_PAINTS);

/** K/S by band of a masstone. */
export const qOf = (hex: string): Spectrum => masstoneQ(hex, () => hexToSpectrum(hex).map(kOverS));
