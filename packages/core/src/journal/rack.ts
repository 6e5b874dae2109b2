import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { dryingFilmOf } from '../plan/brief/drying-film';
import { openPlan } from '../plan/document/open';
import { roomOf } from '../plan/document/room';
import {
  addHours,
  logNormalOf,
  quantile,
  type ScheduleEntry,
  scheduleOf,
  spanOf,
} from '../schedule';
import type { Run } from './schema';
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

/** How thick a film is where it is as thick as most, and where it is thickest. */
type FilmSeen = NonNullable<Run['film']>;

/**
 * How the piece of a plan dries, from the moment a stage of it ends: its pour where nothing is said.
 * @param film of the pour, as its preview had it; as reckoned where absent
 */
export const dryingActs = (plan: Plan, stage = 0, film?: FilmSeen): DryingAct[] =>
  scheduleAfter(plan, stage, film)
    .filter((e) => e.act !== 'pour')
    .map(({ act, from, to, why }) => ({
      act,
      fromMin: minutesAfter(from),
      toMin: minutesAfter(to),
      why,
    }));

function scheduleAfter(plan: Plan, stage: number, seen?: FilmSeen): readonly ScheduleEntry[] {
  const stages = stagesOf(plan);
  const { factors, stays, surface } = brief(plan);
  const filmMm = stage > 0 ? stages[stage]?.filmMm : undefined;
  const poured = seen ? { onFaceMm: seen.meanMm, thickestMm: seen.thickestMm } : stays;
  const film =
    filmMm === undefined
      ? dryingFilmOf(openPlan(plan), poured, surface, factors)
      : { wetMm: filmMm, ...roomOf(plan), small: false, oily: false };
  // What is done to it while it dries, and nothing before: the clock begins when the stage is over.
  const after = stages.slice(stage + 1).flatMap(({ moves }) => moves);
  return scheduleOf(FROM, 0, film, after, undefined, factors);
}

/** What was found when somebody looked, minutes after the stage ended. */
export interface DryingCheck {
  readonly afterMin: number;
  readonly found: 'tacky' | 'dry';
}

/** A change of pace less than this is no news. */
const SAME_PACE = 1.05;

/**
 * How it dries by what was found. When it is dry to the touch is a log-normal time of which its span is forecast; found tacky it comes later than
 * that, found dry it came sooner; all that follows moves by as much as its middle does. Of what contradicts itself the last word counts.
 */
export function checkedActs(
  acts: readonly DryingAct[],
  checks: readonly DryingCheck[],
): readonly DryingAct[] {
  const touch = acts.find(({ act }) => act === 'touch');
  if (!touch || checks.length === 0 || touch.fromMin <= 0) return acts;
  const tacky = Math.max(0, ...checks.flatMap((c) => (c.found === 'tacky' ? [c.afterMin] : [])));
  const dry = checks.flatMap((c) => (c.found === 'dry' && c.afterMin > tacky ? [c.afterMin] : []));
  const between = {
    ...(tacky > 0 ? { after: tacky } : {}),
    ...(dry.length > 0 ? { before: Math.min(...dry) } : {}),
  };
  const forecast = logNormalOf(touch.fromMin, Math.max(touch.toMin, touch.fromMin * 1.01));
  const pace = quantile(forecast, 0.5, between) / quantile(forecast, 0.5);
  const [fromMin, toMin] = spanOf(forecast, between);
  const says =
    pace > SAME_PACE
      ? `, ${pace.toFixed(1)} times as slow by what you found`
      : pace < 1 / SAME_PACE
        ? `, ${(1 / pace).toFixed(1)} times as quick by what you found`
        : '';
  return acts.map((act) => ({
    ...act,
    ...(act === touch
      ? { fromMin, toMin }
      : { fromMin: act.fromMin * pace, toMin: act.toMin * pace }),
    why: `${act.why}${says}`,
  }));
}

/** How a run's piece dries, by its film, its stage and what was found since. */
export const dryingOfRun = ({
  plan,
  stage,
  film,
  checks = [],
  endedAt,
}: Run): readonly DryingAct[] =>
  checkedActs(
    dryingActs(plan, stage, film),
    checks.map(({ at, found }) => ({
      found,
      afterMin: Math.max(1, (at - (endedAt ?? at)) / 60_000),
    })),
  );

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
