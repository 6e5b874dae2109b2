import type { RunList } from '@potter/contract';
import type { Run } from '@potter/core/journal';
import { useSyncExternalStore } from 'react';
import { Away, call } from './api';
import { device } from './device';

interface State {
  readonly runs: readonly Run[];
  readonly loaded: boolean;
  /** Why the journal could not be read, where nothing of it is on this device either. */
  readonly fault?: string;
}

/**
 * The pours of the studio. The device at the table has the last word: what it changes holds at once, is kept here
 * until the studio has it, and is sent again as long as the studio is away.
 */
const UNSENT = 'runs.unsent';
const SEEN = 'runs.seen';
const RETRY_AFTER_MS = 3000;

let state: State = {
  runs: sorted(device.get<Run[]>(SEEN) ?? [], device.get<Run[]>(UNSENT) ?? []),
  loaded: false,
};
const listeners = new Set<() => void>();
const set = (next: Partial<State>): void => {
  state = { ...state, ...next };
  for (const listener of listeners) listener();
};

function sorted(seen: readonly Run[], newer: readonly Run[]): Run[] {
  const byId = new Map([...seen, ...newer].map((r) => [r.id, r]));
  return [...byId.values()].sort((a, b) => b.startedAt - a.startedAt);
}

const unsent = (): Run[] => device.get<Run[]>(UNSENT) ?? [];
const active = (runs: readonly Run[]): Run[] => runs.filter((r) => r.endedAt === undefined);

async function load(): Promise<void> {
  try {
    const { runs } = await call<RunList>('/api/runs');
    // Only what is under way has to be here when the studio is away.
    device.set(SEEN, active(runs));
    set({ runs: sorted(runs, unsent()), loaded: true, fault: undefined });
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
