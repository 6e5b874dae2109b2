import type { Sheets } from '../coat';
import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { stagesOf } from '../schedule';

/** A top coat and how much of it, all pieces together. */
export interface CoatWanted {
  readonly product: keyof Sheets;
  readonly ml: number;
}

/** The top coats a piece takes yet once a stage of it is over; its pour where nothing is said. */
export function coatsAfter(plan: Plan, stage = 0): CoatWanted[] {
  const later = stagesOf(plan)
    .slice(stage + 1)
    .flatMap(({ moves }) => moves.map(({ id }) => id));
  const takes = brief(plan).run.flatMap((step) => (later.includes(step.move) ? step.takes : []));
  return (['varnish', 'resin'] as const)
    .map((product) => ({
      product,
      ml: takes.reduce((sum, take) => sum + (take.product === product ? take.ml : 0), 0),
    }))
    .filter(({ ml }) => ml > 0);
}
