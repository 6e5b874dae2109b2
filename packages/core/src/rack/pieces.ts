import type { RunSummary } from '../journal/summary';
import { minutesOf } from '../schedule/house';
import type { PlanOnRack } from './of-plan';
import type { Piece } from './piece';

/** A plan as a list shows it, with what the rack needs of it. */
interface PlanRow {
  readonly id: string;
  readonly title: string;
  readonly pour?: string;
  readonly due?: string;
  readonly rack?: PlanOnRack;
}

/** A promise is kept by the end of its day's noon, as schedules have it. */
const dueOf = (due: string | undefined): { readonly due?: number } =>
  due === undefined ? {} : { due: minutesOf(due) };

/** A plan that is not poured yet, as a piece; undefined where nothing is known of how it dries. */
export const plannedPiece = ({ id, title, pour, due, rack }: PlanRow): Piece | undefined =>
  rack && {
    ...rack,
    id,
    plan: id,
    title,
    poured: false,
    ...(pour === undefined ? {} : { pour: minutesOf(pour) }),
    ...dueOf(due),
  };

/** Stays on the rack so long after it may hang, if nobody says that it hangs: 60 days, minutes. */
const FORGOTTEN_MIN = 60 * 1440;

/**
 * Poured pieces that are on their way yet. A later stage takes the place of the pour it is done on: of the last one of its plan that was over by then.
 * What hangs, was handed over, or has been cured for long, is on the rack no more.
 * @param localMin a moment by the clock on the wall, minutes as in `minutes.ts`
 */
export function pouredPieces(
  runs: readonly RunSummary[],
  localMin: (ms: number) => number,
  nowMs: number,
): Piece[] {
  const ended = runs
    .flatMap((run) => (run.endedAt === undefined ? [] : [{ ...run, endedAt: run.endedAt }]))
    .sort((a, b) => a.startedAt - b.startedAt);
  const over = new Set<string>();
  for (const run of ended) {
    const under =
      run.stage === undefined
        ? undefined
        : [...ended]
            .reverse()
            .find(
              (other) =>
                other.planId === run.planId &&
                (other.stage ?? 0) < run.stage! &&
                other.startedAt < run.startedAt &&
                !over.has(other.id),
            );
    if (under) over.add(under.id);
  }
  return ended
    .filter(({ id, endedAt, dries, done = [] }) => {
      const curedMin = dries.at(-1)?.toMin ?? 0;
      return (
        !over.has(id) &&
        !done.some((act) => act !== 'clean') &&
        (nowMs - endedAt) / 60_000 < curedMin + FORGOTTEN_MIN
      );
    })
    .map((run) => ({
      id: run.id,
      plan: run.planId,
      title: run.title,
      poured: true,
      pour: localMin(run.endedAt),
      runMin: 0,
      acts: run.dries,
      ...dueOf(run.due),
      widthMm: run.widthMm ?? 0,
      heightMm: run.heightMm ?? 0,
      pieces: run.pieces ?? 1,
      ...(run.looked ? { looked: true } : {}),
      ...(run.done ? { done: run.done } : {}),
      ...(run.for === undefined ? {} : { for: run.for }),
      ...(run.coats ? { coats: run.coats } : {}),
      ...(run.price === undefined ? {} : { price: run.price }),
    }));
}
