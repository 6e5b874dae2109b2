import { brief } from '../plan/brief/brief';
import type { ScheduleEntry } from '../schedule';
import { verbOf } from '../verb';
import type { Run } from './schema';

/** A poured piece on its way from wet to cured. Times are local, without a zone. */
export interface Drying {
  readonly run: string;
  readonly title: string;
  readonly schedule: readonly ScheduleEntry[];
  /** What may be done to it now at the latest estimate, the furthest act. */
  readonly now?: ScheduleEntry['act'];
  readonly next?: ScheduleEntry;
}

/**
 * Where a finished pour stands.
 * @param ended local time its last move ended, "2026-11-28T10:45"
 * @param now local time
 */
export function dryingOf(run: Run, ended: string, now: string): Drying {
  const schedule = brief({
    ...run.plan,
    dates: { ...run.plan.dates, pour: ended },
    moves: run.plan.moves.filter((m) => verbOf(m).setsFilm || verbOf(m).coats),
  }).schedule.filter((e) => e.act !== 'pour' && e.act !== 'due');
  const done = schedule.filter((e) => e.to <= now).at(-1);
  const next = schedule.find((e) => e.to > now);
  return {
    run: run.id,
    title: run.plan.title,
    schedule,
    ...(done ? { now: done.act } : {}),
    ...(next ? { next } : {}),
  };
}
