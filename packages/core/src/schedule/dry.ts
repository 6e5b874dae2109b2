import { type Factors, factorsWith } from '../factor';

/** What decides how fast a film dries. */
export interface DryingFilm {
  readonly wetMm: number;
  /** Where it is thickest, if that is known: it dries last. */
  readonly thickestMm?: number;
  readonly tempC: number;
  readonly rh: number;
  /** A tile or coaster: little paint with air all round. */
  readonly small: boolean;
  /** Oil in the paint has to be wiped off before a coat. */
  readonly oily: boolean;
}

/** A span of hours after the pour: the earliest and the latest it may be so far. */
export interface Span {
  readonly fromH: number;
  readonly toH: number;
}

/** Saturation vapour pressure over water, hPa (Magnus formula, Sonntag 1990 constants). */
export const saturationHPa = (tempC: number): number =>
  6.112 * Math.exp((17.62 * tempC) / (243.12 + tempC));

/** Vapour-pressure deficit of a room, hPa: how eagerly the air takes up water. */
export const vapourDeficitHPa = (tempC: number, rh: number): number =>
  saturationHPa(tempC) * (1 - Math.min(rh, 99) / 100);

const REFERENCE_DEFICIT = vapourDeficitHPa(20, 50);

/** How much quicker a room dries paint than one at 20 °C and 50 %. */
const paceOfRoom = (tempC: number, rh: number): number =>
  vapourDeficitHPa(tempC, rh) / REFERENCE_DEFICIT;

/** How much thicker a film gets as it stands in a room: rise of ln ν a second (tuned; a balloon leaves its mark after 15 to 20 min, handbook 6). */
export const setsPerS = (
  room: { readonly tempC: number; readonly rh: number },
  factors: Factors = factorsWith(),
): number => (Math.LN2 / (60 * factors['sets-after'])) * paceOfRoom(room.tempC, room.rh);

/**
 * When a film is dry to the touch: a day at 20 °C, 50 % and 1 mm wet, longer with thickness to the power 1.5 to 2
 * and with damp or cool air (estimate; common practice, no published source). Small tiles take a tenth to a fifth.
 */
export function touchDry(film: DryingFilm, factors: Factors = factorsWith()): Span {
  const room = 1 / paceOfRoom(film.tempC, film.rh);
  const byPower = [film.wetMm ** 1.5, film.wetMm ** 2];
  const [soon, late] = film.small
    ? [factors['small-dries-from'], factors['small-dries-to']]
    : [1, 1];
  const wholeH = factors['touch-dry'] * room;
  const spread = factors['drying-spread'];
  return {
    fromH: wholeH * Math.min(...byPower) * soon * (1 - spread),
    toH: wholeH * Math.max(...byPower) * Math.max(soon, late) * (1 + spread),
  };
}

/** When it may be coated: a day at the earliest by one school, a week by the other; longer for thick film. */
export function coatable(film: DryingFilm, factors: Factors = factorsWith()): Span {
  const touch = touchDry(film, factors);
  return {
    fromH: Math.max(factors['handled-after'], touch.toH),
    toH:
      Math.max(factors['handled-after'], factors['coat-by-long-school'], touch.toH * 2) *
      Math.max(1, film.wetMm),
  };
}

/** When it is cured through: one to four weeks (estimate). */
export function cured(film: DryingFilm, factors: Factors = factorsWith()): Span {
  const thick = Math.max(1, film.wetMm);
  const fromH = Math.max(factors['cured-from'], touchDry(film, factors).toH * 2);
  return { fromH: fromH * thick, toH: Math.max(fromH, factors['cured-to']) * thick };
}
