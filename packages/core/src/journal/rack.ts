import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { roomOf } from '../plan/document/room';
import { addHours, type ScheduleEntry, scheduleOf } from '../schedule';
import { verbOf } from '../verb';
import { stagesOf } from './stages';

/** Something a wet piece may have done to it, minutes after its last move ended: at the earliest and at the latest. */
export interface DryingAct {
  readonly act: ScheduleEntry['act'];
  readonly fromMin: number;
  readonly toMin: number;
  readonly why: string;
}

/** A poured piece on its way from wet to cured. Times are local, without a zone. */
export interface Drying {
  readonly schedule: readonly ScheduleEntry[];
  /** What may be done to it now at the latest estimate, the furthest act. */
  readonly now?: ScheduleEntry['act'];
  readonly next?: ScheduleEntry;
}

/** Any day would do: minutes are counted from it. */
const FROM = '2000-01-01T00:00';

const minutesAfter = (local: string): number =>
  (Date.parse(`${local}Z`) - Date.parse(`${FROM}Z`)) / 60_000;

/** How the piece of a plan dries, from the moment a stage of it ends: its pour where nothing is said. */
export const dryingActs = (plan: Plan, stage = 0): DryingAct[] =>
  scheduleAfter(plan, stage)
    .filter((e) => e.act !== 'pour')
    .map(({ act, from, to, why }) => ({
      act,
      fromMin: minutesAfter(from),
      toMin: minutesAfter(to),
      why,
    }));

function scheduleAfter(plan: Plan, stage: number): readonly ScheduleEntry[] {
  const stages = stagesOf(plan);
  const filmMm = stages[stage]?.filmMm;
  if (filmMm === undefined || stage === 0)
    return brief({
      ...plan,
      dates: { pour: FROM },
      // What is done to it while it dries, and nothing before: the clock begins when the pour is over.
      moves: plan.moves.filter((m) => verbOf(m).setsFilm || verbOf(m).coats),
    }).schedule;
  const { factors } = brief(plan);
  const film = { wetMm: filmMm, ...roomOf(plan), small: false, oily: false };
  return scheduleOf(
    FROM,
    0,
    film,
    stages.slice(stage + 1).flatMap(({ moves }) => moves),
    undefined,
    factors,
  );
}

/**
 * Where a finished pour stands.
 * @param ended local time its last move ended, "2026-11-28T10:45"
 * @param now local time
 */
export function dryingOf(acts: readonly DryingAct[], ended: string, now: string): Drying {
  const schedule = acts.map(({ act, fromMin, toMin, why }): ScheduleEntry => ({
    act,
    from: addHours(ended, fromMin / 60),
    to: addHours(ended, toMin / 60),
    why,
  }));
  const done = schedule.filter((e) => e.to <= now).at(-1);
  const next = schedule.find((e) => e.to > now);
  return { schedule, ...(done ? { now: done.act } : {}), ...(next ? { next } : {}) };
}
