import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { dryingFilmOf } from '../plan/brief/drying-film';
import { sheetsWith } from '../coat';
import { openPlan } from '../plan/document/open';
import {
  logNormalOf,
  type PathAct,
  pathOf,
  quantile,
  type ScheduleEntry,
  scheduledFrom,
  spanOf,
} from '../schedule';
import { ANY_HOUSE, type House } from '../schedule/house';
import type { Run } from './schema';

/** Something a wet piece may have done to it, minutes after its last move ended: at the earliest and at the latest. */
export interface DryingAct extends Pick<PathAct, 'act' | 'why' | 'title'> {
  readonly fromMin: number;
  readonly toMin: number;
  /** See `PathAct`; absent in rows of before there was one. */
  readonly stage?: number;
}

/** A poured piece on its way from wet to cured. Times are local, without a zone. */
export interface Drying {
  readonly schedule: readonly ScheduleEntry[];
  /** What may be done to it now at the latest estimate, the furthest act. */
  readonly now?: ScheduleEntry;
  readonly next?: ScheduleEntry;
}

/** How thick a film is where it is as thick as most, and where it is thickest. */
type FilmSeen = NonNullable<Run['film']>;

/**
 * How the piece of a plan dries, from the moment a stage of it ends: its pour where nothing is said.
 * @param film of the pour, as its preview had it; as reckoned where absent
 */
export function dryingActs(plan: Plan, stage = 0, film?: FilmSeen): DryingAct[] {
  const { factors, stays, surface } = brief(plan);
  const poured = film ? { onFaceMm: film.meanMm, thickestMm: film.thickestMm } : stays;
  return pathOf(
    plan.moves,
    dryingFilmOf(openPlan(plan), poured, surface, factors),
    { sheets: sheetsWith(plan.sheets), from: stage },
    factors,
  ).map(({ fromH, toH, ...act }) => ({ ...act, fromMin: fromH * 60, toMin: toH * 60 }));
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
  // What hangs on this film goes at its pace; what lies on another, after the next stage, is put off by as much as that stage is.
  const begins = acts.find(({ act }) => act === 'stage');
  const onThis = (act: DryingAct) => act === begins || act.stage === touch.stage;
  return acts.map((act) => {
    if (act === touch) return { ...act, fromMin, toMin, why: `${act.why}${says}` };
    if (!begins || onThis(act))
      return {
        ...act,
        fromMin: act.fromMin * pace,
        toMin: act.toMin * pace,
        why: `${act.why}${says}`,
      };
    return {
      ...act,
      fromMin: act.fromMin + begins.fromMin * (pace - 1),
      toMin: act.toMin + begins.toMin * (pace - 1),
    };
  });
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
export function dryingOf(
  acts: readonly DryingAct[],
  ended: string,
  now: string,
  house: House = ANY_HOUSE,
): Drying {
  const schedule = scheduledFrom(ended, acts, house);
  const done = schedule.filter((e) => e.to <= now).at(-1);
  const next = schedule.find((e) => e.to > now);
  return { schedule, ...(done ? { now: done } : {}), ...(next ? { next } : {}) };
}
