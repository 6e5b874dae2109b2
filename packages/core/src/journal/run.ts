import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { type Move, type RunStep, verbOf } from '../verb';
import type { Run, RunMove } from './schema';

const firstDrying = (plan: Plan): number => {
  const dry = plan.moves.findIndex((m) => verbOf(m).setsFilm);
  return dry < 0 ? plan.moves.length : dry;
};

/** The moves of the pour itself: all before the first drying but what is done beforehand. */
export const pourMoves = (plan: Plan): readonly Move[] =>
  plan.moves.slice(0, firstDrying(plan)).filter((m) => !verbOf(m).aside);

/** What is done to the piece before the pour, to be ticked off. */
export const preparation = (plan: Plan): readonly Move[] =>
  plan.moves.slice(0, firstDrying(plan)).filter((m) => verbOf(m).aside);

/** The moves of finishing: from the first drying on. */
export const finishMoves = (plan: Plan): readonly Move[] => plan.moves.slice(firstDrying(plan));

/** The steps of a brief that are the pour itself, in order. */
export const pourSteps = (plan: Plan, run: readonly RunStep[]): readonly RunStep[] => {
  const ids = pourMoves(plan).map((m) => m.id);
  return run.filter((step) => ids.includes(step.move));
};

/** The run sheet of a run's moves, in order. */
export const runSheet = (plan: Plan): readonly RunStep[] => pourSteps(plan, brief(plan).run);

/** Begins a pour: the plan is copied, so that later edits of it do not change what is being poured. */
export function beginRun(id: string, planId: string, plan: Plan, now: number): Run {
  const moves = pourMoves(plan).map((m, i): RunMove => ({
    move: m.id,
    ...(i === 0 ? { startedAt: now } : {}),
  }));
  return { id, planId, plan, startedAt: now, at: 0, moves };
}

/** A run with one of its moves changed. */
export const withMove = (run: Run, at: number, change: (move: RunMove) => RunMove): Run => ({
  ...run,
  moves: run.moves.map((m, i) => (i === at ? change(m) : m)),
});

/** Ends the move on screen and goes on to the next; past the last the run is over. */
export function advance(run: Run, now: number, skipped = false): Run {
  if (run.endedAt !== undefined) return run;
  const ended = withMove(run, run.at, (m) => ({
    ...m,
    endedAt: now,
    ...(skipped ? { skipped } : {}),
  }));
  // Who has finished waits for nothing of it any more.
  if (run.at + 1 >= run.moves.length)
    return {
      ...ended,
      endedAt: now,
      moves: ended.moves.map((m) => ({ ...m, silenced: true })),
    };
  return withMove(
    { ...ended, at: run.at + 1 },
    run.at + 1,
    ({ endedAt: _, skipped: __, ...m }) => ({ ...m, startedAt: m.startedAt ?? now }),
  );
}

/** Goes back to the move before, as if it had not been ended. From a finished run it goes back to the last move. */
export function goBack(run: Run): Run {
  const at = run.endedAt === undefined ? run.at - 1 : run.at;
  if (at < 0) return run;
  const { endedAt: _, ...open } = run;
  return withMove({ ...open, at }, at, ({ endedAt: __, skipped: ___, silenced: ____, ...m }) => m);
}

export const noteOn = (run: Run, at: number, note: string): Run =>
  withMove(run, at, ({ note: _, ...m }) => (note === '' ? m : { ...m, note }));

export const silence = (run: Run, at: number): Run =>
  withMove(run, at, (m) => ({ ...m, silenced: true }));

/**
 * When the move on screen gives way to the next by itself: where both hands are full, and stay so. Undefined where a hand is free to press.
 */
export function givesWayAt(run: Run, sheet: readonly RunStep[]): number | undefined {
  const full = (at: number) => {
    const move = run.plan.moves.find((m) => m.id === run.moves[at]?.move);
    return move !== undefined && verbOf(move).handsFull === true;
  };
  const step = sheet[run.at];
  const startedAt = run.moves[run.at]?.startedAt;
  if (!step || startedAt === undefined || run.endedAt !== undefined) return undefined;
  return full(run.at) && full(run.at + 1)
    ? startedAt + (step.endS - step.startS) * 1000
    : undefined;
}

/** A wait that is running, or has run out and not been seen to. */
export interface Timer {
  readonly at: number;
  readonly title: string;
  readonly dueAt: number;
}

/**
 * Timers of a run: of the move on screen, and of every wait that was left before it was over. Worked out from
 * the moments of the moves alone, so that they survive whatever happens to the page.
 */
export function timersOf(run: Run, sheet: readonly RunStep[]): Timer[] {
  return run.moves.flatMap((m, at): Timer[] => {
    const step = sheet[at];
    const s = step ? step.endS - step.startS : 0;
    if (!step || m.startedAt === undefined || m.silenced || m.skipped || s === 0) return [];
    const dueAt = m.startedAt + s * 1000;
    const onScreen = at === run.at && run.endedAt === undefined;
    const leftEarly = isWait(run.plan, m.move) && m.endedAt !== undefined && m.endedAt < dueAt;
    return onScreen || leftEarly ? [{ at, title: step.title, dueAt }] : [];
  });
}

const isWait = (plan: Plan, id: string): boolean =>
  plan.moves.some((m) => m.id === id && verbOf(m).waits);
