import type { Brief } from '../plan/brief/brief';
import { roomOf } from '../plan/document/room';
import type { Plan } from '../plan/document/schema';
import { addHours, coatable, cured, type DryingFilm, type Span, touchDry } from '../schedule';
import { verbOf } from '../verb';
import { stagesOf } from './stages';

/** When a stage may begin, local time without a zone: at the earliest and at the latest estimate. */
export interface StageDate {
  readonly from: string;
  readonly to: string;
}

/**
 * When each stage of a plan may begin, the pour first: after it, once what lies there has dried as far as the moves before it say. Empty where the pour
 * has no day.
 */
export function stageDates(plan: Plan, brief: Brief): readonly StageDate[] {
  const pour = brief.schedule.find(({ act }) => act === 'pour');
  if (!pour) return [];
  const stages = stagesOf(plan);
  const small = brief.surface.areaCm2 / brief.surface.pieces <= brief.factors['small-piece'];
  let film: DryingFilm = {
    wetMm: Math.max(0.1, brief.stays.onFaceMm),
    ...roomOf(plan),
    small,
    oily: false,
  };
  const dates: StageDate[] = [{ from: pour.from, to: pour.from }];
  let at = { from: pour.to, to: pour.to };
  let dries: Span = { fromH: 0, toH: 0 };
  for (const move of plan.moves) {
    const until = verbOf(move).dries?.(move);
    if (until) {
      const span = SPANS[until](film, brief.factors);
      // Dry to the touch and then right through is one drying.
      dries = { fromH: Math.max(dries.fromH, span.fromH), toH: Math.max(dries.toH, span.toH) };
    }
    const begins = stages.findIndex(({ moves }) => moves[0] === move);
    if (begins <= 0) continue;
    at = { from: addHours(at.from, dries.fromH), to: addHours(at.to, dries.toH) };
    dates.push(at);
    dries = { fromH: 0, toH: 0 };
    film = { ...film, wetMm: stages[begins]!.filmMm ?? film.wetMm, small: false };
  }
  return dates;
}

const SPANS = { touch: touchDry, clean: coatable, coat: coatable, cured } as const;
