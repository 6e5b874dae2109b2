import { vapourDeficitHPa } from '../climate';
import { type Factors, factorsWith } from '../factor';
import type { Span } from './span';
import { type WaitingId, WAITINGS } from './waiting';

/** A top coat dries by its sheet: hours at 20 °C; and how the cold slows it. */
export interface BySheet {
  readonly touchH: number;
  readonly againH: number;
  readonly curedH: number;
  /** It sets by a reaction; else its water leaves, as a paint's does. */
  readonly reacts: boolean;
}

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
  /** How long its artist waits before a coat; both schools where nothing is said. */
  readonly waiting?: WaitingId;
  /** It is a top coat. */
  readonly sheet?: BySheet;
}

const REFERENCE_DEFICIT = vapourDeficitHPa(20, 50);

/** How much quicker a room dries paint than one at 20 °C and 50 %. */
const paceOfRoom = (tempC: number, rh: number): number =>
  vapourDeficitHPa(tempC, rh) / REFERENCE_DEFICIT;

/** A reaction takes twice as long in a room colder by so many degrees (van 't Hoff's rule, from memory). */
const TWICE_PER_C = 10;

/** Hours of a sheet in a room: as the sheet says at the earliest, later by as much as pieces scatter. */
function bySheet(hours: number, { reacts }: BySheet, film: DryingFilm, factors: Factors): Span {
  const slower = reacts
    ? 2 ** ((20 - film.tempC) / TWICE_PER_C)
    : 1 / paceOfRoom(film.tempC, film.rh);
  return { fromH: hours * slower, toH: hours * slower * (1 + factors['drying-spread']) };
}

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
  if (film.sheet) return bySheet(film.sheet.touchH, film.sheet, film, factors);
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

/** When it may be coated: by the artist's school; where there is none, as soon as the quick one would and as late as the patient one. */
export function coatable(film: DryingFilm, factors: Factors = factorsWith()): Span {
  if (film.sheet) return bySheet(film.sheet.againH, film.sheet, film, factors);
  const drying = { touch: touchDry(film, factors), wetMm: film.wetMm, small: film.small };
  const by = (school: WaitingId) => WAITINGS[school].coats(drying, factors);
  if (film.waiting !== undefined) return by(film.waiting);
  // Who has no school of theirs is told when it is safe by the quick one: once it is dry at the latest.
  return { fromH: by('day').toH, toH: by('week').toH };
}

/** When it is cured through: one to four weeks (estimate). */
export function cured(film: DryingFilm, factors: Factors = factorsWith()): Span {
  if (film.sheet) return bySheet(film.sheet.curedH, film.sheet, film, factors);
  const thick = Math.max(1, film.wetMm);
  const fromH = Math.max(factors['cured-from'], touchDry(film, factors).toH * 2);
  return { fromH: fromH * thick, toH: Math.max(fromH, factors['cured-to']) * thick };
}
