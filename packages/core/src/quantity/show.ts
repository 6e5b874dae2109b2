import { toUnit, unitOf, type UnitId } from './unit';

/**
 * Shows a base amount (g, mL, mm) in a unit, with the decimals worth reading: fewer for large figures,
 * one more for small ones, never a trailing zero. Returns figure and unit apart, since screens set them
 * in different sizes.
 */
export function figure(
  amount: number,
  id: UnitId | string,
): { readonly figure: string; readonly unit: string } {
  const unit = unitOf(id);
  const value = toUnit(amount, id);
  const size = Math.abs(value);
  const decimals =
    size !== 0 && size < 10 && unit.decimals === 0
      ? 1
      : size >= 100
        ? Math.min(1, unit.decimals)
        : unit.decimals;
  return { figure: trim(value, decimals), unit: unit.label };
}

/** The same as one text: "36 g", "1.5 mL". */
export function show(amount: number, id: UnitId | string): string {
  const shown = figure(amount, id);
  return `${shown.figure} ${shown.unit}`;
}

/** A number with at most `decimals` places and no trailing zeros; never "-0". */
export function trim(value: number, decimals: number): string {
  return String(Number(value.toFixed(decimals)) + 0);
}

/** A length in inches as a carpenter writes it: "15 3/4", to the nearest 1/16. */
export function inches(mm: number): string {
  const sixteenths = Math.round((mm / 25.4) * 16);
  const whole = Math.trunc(sixteenths / 16);
  let above = Math.abs(sixteenths % 16);
  let below = 16;
  while (above !== 0 && above % 2 === 0) {
    above /= 2;
    below /= 2;
  }
  if (above === 0) return String(whole);
  const sign = sixteenths < 0 && whole === 0 ? '-' : '';
  return whole === 0 ? `${sign}${above}/${below}` : `${whole} ${above}/${below}`;
}

/** A share as whole hundredths, which are so many percent; less than one of them and yet something is "< 1". */
export const hundredths = (share: number): string =>
  share > 0 && share < 0.01 ? '< 1' : trim(100 * share, 0);

/** The same with its sign: "12 %". */
export const percent = (share: number): string => `${hundredths(share)} %`;
