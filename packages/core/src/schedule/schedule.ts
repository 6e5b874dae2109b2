import { type Factors, factorsWith } from '../factor';
import { type Move, verbOf } from '../verb';
import { coatable, cured, type DryingFilm, type Span, touchDry } from './dry';

/** Something that becomes possible, with the earliest and the latest it may be, local time without a zone. */
export interface ScheduleEntry {
  readonly act: 'pour' | 'touch' | 'handle' | 'clean' | 'coat' | 'cured' | 'due';
  readonly from: string;
  readonly to: string;
  readonly why: string;
}

/** A film that takes longer than five years does not dry: nothing is forecast beyond. */
const MOST_H = 5 * 365 * 24;

/**
 * Dates of a piece from the day it is poured.
 * @param pour local date and time, "2026-11-28T10:00"
 * @param runS how long the pour takes, seconds
 */
export function scheduleOf(
  pour: string,
  runS: number,
  film: DryingFilm,
  moves: readonly Move[],
  due?: string,
  factors: Factors = factorsWith(),
): ScheduleEntry[] {
  const end = addHours(pour, runS / 3600);
  const entry = (act: ScheduleEntry['act'], span: Span, why: string): ScheduleEntry => ({
    act,
    from: addHours(end, Math.min(span.fromH, MOST_H)),
    to: addHours(end, Math.min(span.toH, MOST_H)),
    why,
  });
  const { thickestMm = film.wetMm } = film;
  const air = `${round1(film.wetMm)} mm of wet film${thickestMm > film.wetMm ? `, ${round1(thickestMm)} at its thickest,` : ''} at ${film.tempC} °C and ${film.rh} % damp`;
  /** At the earliest as the mean of the film, at the latest as where it is thickest: that decides. */
  const spanOf = (of: typeof touchDry): Span => ({
    fromH: of(film, factors).fromH,
    toH: of({ ...film, wetMm: Math.max(film.wetMm, thickestMm) }, factors).toH,
  });
  const touch = spanOf(touchDry);
  const entries: ScheduleEntry[] = [
    { act: 'pour', from: pour, to: end, why: 'the moves of the plan' },
    entry('touch', touch, air),
  ];
  if (film.small) {
    const handledH = Math.max(factors['handled-after'], touch.toH);
    entries.push(
      entry(
        'handle',
        { fromH: handledH, toH: handledH },
        'small pieces feel dry long before they are',
      ),
    );
  }
  const coat = spanOf(coatable);
  if (film.oily)
    entries.push(
      entry(
        'clean',
        { fromH: coat.fromH, toH: coat.toH },
        'oil in a mix has to come off before a coat',
      ),
    );
  if (film.oily || moves.some((m) => verbOf(m).coats))
    entries.push(entry('coat', coat, 'a day by one school, a week by the other'));
  entries.push(entry('cured', spanOf(cured), 'dry right through'));
  if (due !== undefined)
    entries.push({ act: 'due', from: withTime(due), to: withTime(due), why: 'the day you gave' });
  return entries;
}

const withTime = (date: string): string => (date.length === 10 ? `${date}T12:00` : date);
const round1 = (n: number): number => Math.round(n * 10) / 10;

/** Adds hours to a local date and time; plain calendar arithmetic, no time zone is involved. */
export function addHours(local: string, hours: number): string {
  return new Date(Math.round(Date.parse(`${withTime(local)}Z`) + hours * 3_600_000))
    .toISOString()
    .slice(0, 16);
}
