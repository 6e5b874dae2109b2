import type { RunSummary } from '../journal';
import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { actWords, addHours, scheduledFrom, stagesOf } from '../schedule';
import { ANY_HOUSE, type House } from '../schedule/house';

/** A date of a piece, for a calendar. Times are local, without a zone: a pour happens where the artist is. */
export interface CalendarDate {
  /** The same for the same thing, whatever is edited. */
  readonly uid: string;
  readonly title: string;
  readonly says: string;
  /** "2026-11-28T10:00"; a day alone where it is all day. */
  readonly from: string;
  readonly to?: string;
}

/** What a piece may have done to it takes about so long to see to, h (estimate). */
const LOOK_H = 0.5;
/** A stage is given so long in a calendar, h (estimate). */
const STAGE_H = 1;

/** The dates of a plan that has yet to be poured: its pour, its later stages, the day it is promised for. */
export function planDates(id: string, plan: Plan, house?: House): CalendarDate[] {
  const computed = brief(plan, house ? { house } : {});
  const pour = computed.schedule.find(({ act }) => act === 'pour');
  const stages = stagesOf(plan);
  const due = plan.dates?.due;
  return [
    ...(pour && plan.dates?.pour
      ? [
          {
            uid: `${id}.pour`,
            title: `Pour ${plan.title}`,
            says: `${Math.round(computed.budget.totalG)} g of paint, ${stages[0]?.moves.length ?? 0} moves.`,
            from: pour.from,
            to: pour.to,
          },
        ]
      : []),
    ...computed.schedule
      .filter(({ act }) => act === 'stage')
      .map((entry) => ({
        uid: `${id}.stage-${entry.stage! + 1}`,
        title: `${actWords(entry)}: ${plan.title}`,
        says: `At the earliest, ${entry.why}; at the latest ${spoken(entry.to)}.`,
        from: entry.from,
        to: addHours(entry.from, STAGE_H),
      })),
    ...(due === undefined
      ? []
      : [
          {
            uid: `${id}.due`,
            title: `${plan.title} is promised`,
            says: 'The day you gave.',
            from: due.slice(0, 'yyyy-mm-dd'.length),
          },
        ]),
  ];
}

/**
 * What a poured piece may have done to it, and when.
 * @param ended local time its last move ended
 */
export const runDates = (
  { id, title, dries }: Pick<RunSummary, 'id' | 'title' | 'dries'>,
  ended: string,
  house: House = ANY_HOUSE,
): CalendarDate[] =>
  scheduledFrom(ended, dries, house).map((entry) => ({
    uid: `${id}.${entry.title === undefined ? entry.act : `${entry.act}-${(entry.stage ?? 0) + 1}`}`,
    title: `${actWords(entry)}: ${title}`,
    says: `At the earliest, ${entry.why}; at the latest ${spoken(entry.to)}.`,
    from: entry.from,
    to: addHours(entry.from, LOOK_H),
  }));

const spoken = (local: string): string => local.replace('T', ', ');
