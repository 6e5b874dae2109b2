import { type Run, runSheet, type Timer, timersOf } from '@potter/core/journal';
import type { RunStep } from '@potter/core/verb';
import { useRuns } from '@/data/runs';

export interface RunningTimer extends Timer {
  readonly run: Run;
}

const sheets = new WeakMap<Run['plan'], Map<number, readonly RunStep[]>>();

/** A run's sheet; a run keeps one plan from beginning to end, so it is worked out once. */
export function sheetOf({ plan, stage = 0 }: Run): readonly RunStep[] {
  const known = sheets.get(plan) ?? new Map<number, readonly RunStep[]>();
  sheets.set(plan, known);
  const sheet = known.get(stage) ?? runSheet(plan, stage);
  known.set(stage, sheet);
  return sheet;
}

/** Older finished runs have no timer anybody still waits for. */
const FORGOTTEN_AFTER_MS = 24 * 3_600_000;

/** Every timer of every run, the next due first. */
export function useTimers(now: number): RunningTimer[] {
  const { runs } = useRuns();
  return runs
    .flatMap(({ run }) => (run && now - (run.endedAt ?? now) < FORGOTTEN_AFTER_MS ? [run] : []))
    .flatMap((run) => timersOf(run, sheetOf(run)).map((timer) => ({ ...timer, run })))
    .sort((a, b) => a.dueAt - b.dueAt);
}
