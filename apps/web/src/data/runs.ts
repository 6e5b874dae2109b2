import type { RunList, RunRow } from '@potter/contract';
import { type Run, summariseRun } from '@potter/core/journal';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Away, call } from './api';
import { device } from './device';

/** A pour in the list; its run where it is under way, ended lately, or was changed on this device. */
export type Listed = Omit<RunRow, 'run'> & { readonly run?: Run };

interface State {
  readonly runs: readonly Listed[];
  readonly loaded: boolean;
  /** Why the journal could not be read, where nothing of it is on this device either. */
  readonly fault?: string;
}

function listed(run: Run): Listed {
  return { ...(summariseRun(run) as RunRow), run };
}

function sorted(seen: readonly Listed[], newer: readonly Run[]): Listed[] {
  const byId = new Map(seen.map((r) => [r.id, r]));
  for (const run of newer) byId.set(run.id, listed(run));
  return [...byId.values()].sort((x, y) => y.startedAt - x.startedAt);
}

/**
 * The pours of the studio. The device at the table has the last word: what it changes holds at once, is kept here
 * until the studio has it, and is sent again as long as the studio is away.
 */
const UNSENT = 'runs.unsent';
const SEEN = 'runs.seen';
const RETRY_AFTER_MS = 3000;

let state: State = {
  runs: sorted([], [...(device.get<Run[]>(SEEN) ?? []), ...(device.get<Run[]>(UNSENT) ?? [])]),
  loaded: false,
};
const listeners = new Set<() => void>();
const set = (next: Partial<State>): void => {
  state = { ...state, ...next };
  for (const listener of listeners) listener();
};

const unsent = (): Run[] => device.get<Run[]>(UNSENT) ?? [];
const active = (runs: readonly Listed[]): Run[] =>
  runs.flatMap(({ run }) => (run && run.endedAt === undefined ? [run] : []));

async function load(): Promise<void> {
  try {
    const { runs } = await call<RunList>('/api/runs');
    // Only what is under way has to be here when the studio is away.
    device.set(SEEN, active(runs as Listed[]));
    set({ runs: sorted(runs as Listed[], unsent()), loaded: true, fault: undefined });
  } catch (error) {
    set({
      loaded: true,
      ...(state.runs.length === 0 && error instanceof Error ? { fault: error.message } : {}),
    });
    if (error instanceof Away) setTimeout(() => void load(), RETRY_AFTER_MS);
  }
  void send();
}

let sending = false;
async function send(): Promise<void> {
  const [run] = unsent();
  if (sending || !run) return;
  sending = true;
  let wait = 0;
  try {
    await call(`/api/runs/${run.id}`, { method: 'PUT', body: run });
    // Still the newest word on it? Then it needs no keeping.
    device.set(
      UNSENT,
      unsent().filter((r) => r.id !== run.id || JSON.stringify(r) !== JSON.stringify(run)),
    );
    device.set(SEEN, active(state.runs));
  } catch (error) {
    wait = RETRY_AFTER_MS;
    // Refused for good: keep it on screen, send it no more.
    if (!(error instanceof Away))
      device.set(
        UNSENT,
        unsent().filter((r) => r.id !== run.id),
      );
  } finally {
    sending = false;
  }
  if (unsent().length > 0) setTimeout(() => void send(), wait);
}

/** Keeps a run as it is now. */
export function putRun(run: Run): void {
  device.set(UNSENT, [...unsent().filter((r) => r.id !== run.id), run]);
  set({ runs: sorted(state.runs, [run]) });
  void send();
}

/** Takes a run out of the journal; hand it to `putRun` to put it back. */
export async function deleteRun(run: Run): Promise<void> {
  device.set(
    UNSENT,
    unsent().filter((r) => r.id !== run.id),
  );
  device.set(
    SEEN,
    (device.get<Run[]>(SEEN) ?? []).filter((r) => r.id !== run.id),
  );
  set({ runs: state.runs.filter((r) => r.id !== run.id) });
  await call(`/api/runs/${run.id}`, { method: 'DELETE' }).catch(() => undefined);
}

let begun = false;
function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  if (!begun) {
    begun = true;
    void load();
    addEventListener('storage', (event) => {
      if (event.key === `potter.${UNSENT}` || event.key === `potter.${SEEN}`)
        set({ runs: sorted(state.runs, [...(device.get<Run[]>(SEEN) ?? []), ...unsent()]) });
    });
  }
  return () => listeners.delete(listener);
}

export const useRuns = (): State => useSyncExternalStore(subscribe, () => state);

/** One run whole: as this device has it, else as the studio does. */
export function useRun(id: string): {
  readonly run?: Run;
  readonly loaded: boolean;
  readonly fault?: string;
} {
  const { runs, loaded, fault } = useRuns();
  const row = runs.find((r) => r.id === id);
  const here = row?.run;
  const wanted = row !== undefined && here === undefined;
  const [why, setWhy] = useState<string>();
  useEffect(() => {
    if (!wanted) return;
    let gone = false;
    call<Run>(`/api/runs/${id}`).then(
      (run) => {
        // What was changed here meanwhile is newer.
        if (!gone && !state.runs.some((r) => r.id === id && r.run))
          set({ runs: sorted(state.runs, [run]) });
      },
      (error: unknown) => {
        if (!gone) setWhy(error instanceof Error ? error.message : String(error));
      },
    );
    return () => {
      gone = true;
    };
  }, [id, wanted]);
  const told = fault ?? (wanted ? why : undefined);
  return {
    ...(here ? { run: here } : {}),
    loaded: loaded && !(wanted && told === undefined),
    ...(told === undefined ? {} : { fault: told }),
  };
}
