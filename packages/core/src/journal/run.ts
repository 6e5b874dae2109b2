import { brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';
import { stagesOf } from '../schedule';
import { type Move, type RunStep, verbOf } from '../verb';
import type { Run, RunMove } from './schema';

const firstDrying = (plan: Plan): number => {
  const dry = plan.moves.findIndex((m) => verbOf(m).setsFilm);
  return dry < 0 ? plan.moves.length : dry;
};

/** What is done to the piece before the pour, to be ticked off. */
export const preparation = (plan: Plan): readonly Move[] =>
  plan.moves.slice(0, firstDrying(plan)).filter((m) => verbOf(m).aside);

/** The moves of finishing: from the first drying on. */
export const finishMoves = (plan: Plan): readonly Move[] => plan.moves.slice(firstDrying(plan));

/** The moves a run of a stage goes through; the pour's where nothing is said. */
export const stageMoves = (plan: Plan, stage = 0): readonly Move[] =>
  stagesOf(plan)[stage]?.moves ?? [];

/** The steps of a brief that are a stage's, the pour's where nothing is said, in order. */
export const stageSteps = (plan: Plan, run: readonly RunStep[], stage = 0): readonly RunStep[] => {
  const ids = stageMoves(plan, stage).map((m) => m.id);
  return run.filter((step) => ids.includes(step.move));
};

/** The run sheet of a run's moves, in order. */
export const runSheet = (plan: Plan, stage = 0): readonly RunStep[] =>
  stageSteps(plan, brief(plan).run, stage);

/** Begins a pour, or a later stage: the plan is copied, so that later edits of it do not change what is being poured. */
export function beginRun(id: string, planId: string, plan: Plan, now: number, stage = 0): Run {
  const moves = stageMoves(plan, stage).map((m, i): RunMove => ({
    move: m.id,
    ...(i === 0 ? { startedAt: now } : {}),
  }));
  return { id, planId, plan, startedAt: now, at: 0, moves, ...(stage > 0 ? { stage } : {}) };
}

/** A run with one of its moves changed. */
export const withMove = (run: Run, at: number, change: (move: RunMove) => RunMove): Run => ({
  ...run,
  moves: run.moves.map((m, i) => (i === at ? change(m) : m)),
});

/** Which of a set's pieces the move on screen is at, from 1. */
export const pieceOf = ({ pieces = [] }: RunMove): number => pieces.length + 1;

/** When the move began at the piece it is at. */
const atPieceSince = ({ startedAt, pieces = [] }: RunMove): number | undefined =>
  pieces.at(-1) ?? startedAt;

/** Seconds a step takes on one piece. */
const eachS = ({ startS, endS, times }: RunStep): number => (endS - startS) / times;

/** When the time of a move on the piece it is at is up: with what was mixed for it, once that stays open no longer. */
export const dueAt = (move: RunMove, step: RunStep): number | undefined => {
  const batch = move.mixed?.at(-1);
  if (batch && step.opensS !== undefined) return batch.at + step.opensS * 1000;
  const since = atPieceSince(move);
  return since === undefined ? undefined : since + eachS(step) * 1000;
};

/** The move on screen is done on the piece it is at: on to the next piece, or, after the last, to the next move. */
export function goOn(run: Run, sheet: readonly RunStep[], now: number): Run {
  const move = run.moves[run.at];
  const times = sheet[run.at]?.times ?? 1;
  return move && run.endedAt === undefined && pieceOf(move) < times
    ? withMove(run, run.at, (m) => ({ ...m, pieces: [...(m.pieces ?? []), now] }))
    : advance(run, now);
}

/** Ends the move on screen, on whichever pieces it was done, and goes on to the next; past the last the run is over. */
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

/** Goes back to the piece or the move before, as if it had not been ended. From a finished run it goes back to the last move. */
export function goBack(run: Run): Run {
  if (run.endedAt === undefined && run.moves[run.at]?.pieces)
    return withMove(run, run.at, ({ pieces = [], ...m }) =>
      pieces.length > 1 ? { ...m, pieces: pieces.slice(0, -1) } : m,
    );
  const at = run.endedAt === undefined ? run.at - 1 : run.at;
  if (at < 0) return run;
  const { endedAt: _, ...open } = run;
  return withMove({ ...open, at }, at, ({ endedAt: __, skipped: ___, silenced: ____, ...m }) => m);
}

export const noteOn = (run: Run, at: number, note: string): Run =>
  withMove(run, at, ({ note: _, ...m }) => (note === '' ? m : { ...m, note }));

/** A batch was mixed for a move, counted from 0: what went in, whole at this moment. Mixed anew it takes its own place. */
export const mixedOn = (
  run: Run,
  at: number,
  nth: number,
  batch: NonNullable<RunMove['mixed']>[number],
): Run => withMove(run, at, (m) => ({ ...m, mixed: [...(m.mixed ?? []).slice(0, nth), batch] }));

export const silence = (run: Run, at: number): Run =>
  withMove(run, at, (m) => ({ ...m, silenced: true }));

/**
 * When the move on screen gives way to the next by itself: where both hands are full, and stay so, and from stroke to stroke of one tool, with time to
 * set it down. Undefined where a hand is free to press: so it is on a set, where one piece is put down and another taken up.
 */
export function givesWayAt(run: Run, sheet: readonly RunStep[]): number | undefined {
  const step = sheet[run.at];
  const move = run.moves[run.at];
  if (!step || !move || run.endedAt !== undefined || step.times > 1) return undefined;
  const [now, next] = [run.at, run.at + 1].map((at) =>
    run.plan.moves.find(({ id }) => id === run.moves[at]?.move),
  );
  if (!now || !next) return undefined;
  const due = dueAt(move, step);
  if (verbOf(now).handsFull && verbOf(next).handsFull) return due;
  const strokes = verbOf(now).stroke && now.verb === next.verb && now.piece === next.piece;
  return strokes && due !== undefined ? due + SET_DOWN_MS : undefined;
}

/** Time to lift a tool and set it down for the next stroke (an estimate). */
const SET_DOWN_MS = 5000;

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
    if (!step || m.silenced || m.skipped || step.endS === step.startS) return [];
    // Nothing runs out before it is mixed.
    if (step.opensS !== undefined && !m.mixed) return [];
    const due = dueAt(m, step);
    if (due === undefined) return [];
    const onScreen = at === run.at && run.endedAt === undefined;
    const leftEarly = isWait(run.plan, m.move) && m.endedAt !== undefined && m.endedAt < due;
    return onScreen || leftEarly ? [{ at, title: step.title, dueAt: due }] : [];
  });
}

/** Whether the move on screen leaves the wet piece alone: there is something to be watched. */
export const restsAt = ({ plan, moves, at }: Run): boolean =>
  plan.moves.some((m) => m.id === moves[at]?.move && verbOf(m).waits && !verbOf(m).setsFilm);

const isWait = (plan: Plan, id: string): boolean =>
  plan.moves.some((m) => m.id === id && verbOf(m).waits);
