import type { RunSummary } from '@potter/core/journal';
import { minutesOf, type Piece, plannedPiece, pouredPieces } from '@potter/core/rack';
import { useRack } from '@/data/rack';
import { useRuns } from '@/data/runs';
import { localTime } from '@/ui/local-time';

/** A moment by the clock on the wall, in minutes as the rack counts them. */
export const wallMin = (ms: number): number => minutesOf(localTime(ms));

/** Everything that has a date, or wants one, as this device has it. */
export function usePieces(nowMs: number): {
  readonly pieces: readonly Piece[];
  readonly isPending: boolean;
  readonly error: Error | null;
} {
  const { runs, loaded } = useRuns();
  const asked = useRack();
  // What this device changed of a pour is newer than what the studio said; the day it is promised for is its plan's, which the studio has.
  const byId = new Map<string, RunSummary>();
  for (const run of asked.data?.runs ?? []) byId.set(run.id, run as RunSummary);
  for (const { summary } of runs) {
    if (!summary) continue;
    const { due: then, ...row } = summary as RunSummary;
    const there = byId.get(row.id);
    const due = there ? there.due : then;
    byId.set(row.id, { ...row, ...(due === undefined ? {} : { due }) });
  }
  const all = [...byId.values()];
  const poured = new Set(all.flatMap((r) => (r.endedAt === undefined ? [] : [r.planId])));
  const planned = (asked.data?.plans ?? []).flatMap((plan) =>
    poured.has(plan.id) ? [] : (plannedPiece(plan) ?? []),
  );
  return {
    pieces: [...pouredPieces(all, wallMin, nowMs), ...planned],
    isPending: asked.isPending && !loaded,
    error: asked.error,
  };
}
