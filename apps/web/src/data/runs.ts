import type { Apart, RunList, RunRow } from '@potter/contract';
import { formerOf } from '@potter/contract/change';
import type { Run } from '@potter/core/journal';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { mayPass, waitMs } from './again';
import { call, Refused } from './api';
import { device } from './device';
import { onChanged } from './live';
import { runLetter, strikeLetter } from './outbox/letters';
import { beginOutbox, onAnswer, onRefusal, post, unsentNow } from './outbox/outbox';
import { type Part, part } from './part';

/** What a list shows of a pour, and what its plan says by itself. */
type Said = Pick<
  RunRow,
  'id' | 'planId' | 'title' | 'startedAt' | 'endedAt' | 'note' | 'miniOf' | 'stage'
>;

/** A pour in the list. */
interface Listed extends Said {
  /** Its run where it is under way, ended lately, or was changed on this device. */
  readonly run?: Run;
  /** All it comes to; absent until what works that out is here. */
  readonly summary?: RunRow;
}

interface State {
  readonly runs: readonly Listed[];
  readonly loaded: boolean;
  /** How many there are, shown or not. */
  readonly count: number;
  /** Where the next page of older ones goes on. */
  readonly next?: string;
  /** Runs that are in the studio's file and cannot be shown. */
  readonly apart?: readonly Apart[];
  /** Why the journal could not be read, where nothing of it is on this device either. */
  readonly fault?: string;
}

let summaries: Part<(run: Run) => unknown> | undefined;

/** Says where what sums a run up comes from; it is sent for when there is a run to sum up. */
export function bringSummaries(load: () => Promise<(run: Run) => unknown>): void {
  summaries = part(load);
}

function listed(run: Run): Listed {
  const summary = summaries?.now()?.(run) as RunRow | undefined;
  if (summary) return { ...saidBy(summary), run, summary };
  const { plan, ...said } = run;
  return { ...saidBy({ ...said, title: plan.title, miniOf: plan.miniOf }), run };
}

const saidBy = ({ id, planId, title, startedAt, endedAt, note, miniOf, stage }: Said): Said => ({
  id,
  planId,
  title,
  startedAt,
  endedAt,
  note,
  miniOf,
  stage,
});

/** A row of the studio's. */
const rowListed = (row: RunRow): Listed => ({
  ...saidBy(row),
  ...(row.run ? { run: row.run as Run } : {}),
  summary: row,
});

/** Sums up what this device has and nothing has summed up yet; where that does not come, the next change asks again. */
function sumUp(): void {
  if (state.runs.every(({ summary }) => summary)) return;
  void summaries?.come().then(
    () => set({ runs: state.runs.map((r) => (r.run && !r.summary ? listed(r.run) : r)) }),
    () => undefined,
  );
}

function sorted(seen: readonly Listed[], newer: readonly Run[]): Listed[] {
  const byId = new Map(seen.map((r) => [r.id, r]));
  for (const run of newer) byId.set(run.id, listed(run));
  return [...byId.values()].sort((x, y) => y.startedAt - x.startedAt);
}

/**
 * The pours of the studio. The device at the table has the last word: what it changes holds at once, and is on its way to the studio until
 * it is there.
 */
const SEEN = 'runs.seen';

let state: State = {
  runs: sorted([], device.get<Run[]>(SEEN) ?? []),
  loaded: false,
  count: 0,
};
const listeners = new Set<() => void>();
const set = (next: Partial<State>): void => {
  state = { ...state, ...next };
  for (const listener of listeners) listener();
  if (next.runs) sumUp();
};

/** Runs this page changed and the studio does not have yet, and those it struck out. */
function unsentRuns(): { readonly changed: Run[]; readonly struck: ReadonlySet<string> } {
  const letters = unsentNow().filter((l) => l.about.startsWith('run.'));
  return {
    changed: letters.flatMap((l) => (l.method === 'PUT' ? [l.body as Run] : [])),
    struck: new Set(letters.flatMap((l) => (l.method === 'DELETE' ? [l.about] : []))),
  };
}

/** What is under way is here as it stands when the page comes back or the studio is away; `last` may just have ended. */
function remember(last: readonly Run[] = []): void {
  const open = state.runs.flatMap(({ run }) => (run && run.endedAt === undefined ? [run] : []));
  device.set(SEEN, [...open, ...last.filter((run) => run.endedAt !== undefined)]);
}

let tries = 0;
async function load(): Promise<void> {
  await beginOutbox();
  try {
    const { runs, apart, count, next } = await call<RunList>('/api/runs');
    tries = 0;
    set({ runs: standing(runs), loaded: true, apart, count, next, fault: undefined });
    remember();
  } catch (error) {
    set({
      runs: sorted(state.runs, unsentRuns().changed),
      loaded: true,
      ...(state.runs.length === 0 && error instanceof Error ? { fault: error.message } : {}),
    });
    if (mayPass(error)) setTimeout(() => void load(), waitMs(++tries));
  }
}

/** Rows of the studio's with what this device changed of them. */
function standing(rows: readonly RunRow[]): Listed[] {
  const { changed, struck } = unsentRuns();
  return sorted(rows.filter((r) => !struck.has(`run.${r.id}`)).map(rowListed), changed);
}

/** The journal may have changed by another way than a run of this page. */
export const readRunsAnew = (): void => void load();

/** Another page or device has changed a pour: it is read anew, unless what was changed here is on its way; then the answer brings it. */
async function hear(about: string | undefined): Promise<void> {
  const id = /^runs\/([^/]+)$/.exec(about ?? '')?.[1];
  if (id === undefined) {
    if (about === undefined || /^(runs|bin|copies)\b/.test(about)) await load();
    return;
  }
  if (unsentNow().some((l) => l.about === `run.${id}`)) return;
  try {
    const run = await call<Run>(`/api/runs/${id}`);
    if (!unsentNow().some((l) => l.about === `run.${id}`)) {
      set({ runs: sorted(state.runs, [run]) });
      remember([run]);
    }
  } catch (error) {
    if (!(error instanceof Refused && error.status === 404)) return;
    set({ runs: state.runs.filter((r) => r.id !== id) });
    remember();
  }
}

/** A run as this device has it now. */
export const runNow = (id: string): Run | undefined => state.runs.find((r) => r.id === id)?.run;

/** Keeps a run as it is now. */
export function putRun(run: Run): void {
  const before = state.runs.find((r) => r.id === run.id)?.run;
  set({ runs: sorted(state.runs, [run]) });
  remember([run]);
  void post(runLetter(run, before && formerOf(before, run)));
}

/** Takes a run out of the journal; hand it to `putRun` to put it back. */
export function deleteRun(run: Run): void {
  set({ runs: state.runs.filter((r) => r.id !== run.id) });
  remember();
  void post(strikeLetter(run));
}

let begun = false;
function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  if (!begun) {
    begun = true;
    sumUp();
    void load();
    // What another device changed of a run comes back with the answer to a change made here, unless more was changed since.
    onAnswer((letter, answer) => {
      const newer = unsentNow().some((l) => l.about === letter.about && l.id !== letter.id);
      if (letter.about.startsWith('run.') && letter.method === 'PUT' && !newer)
        set({ runs: sorted(state.runs, [answer as Run]) });
    });
    onRefusal(({ about }) => {
      if (about.startsWith('run.')) void load();
    });
    onChanged((about) => void hear(about));
    addEventListener('storage', (event) => {
      if (event.key === `potter.${SEEN}`)
        set({ runs: sorted(state.runs, device.get<Run[]>(SEEN) ?? []) });
    });
  }
  return () => listeners.delete(listener);
}

export const useRuns = (): State => useSyncExternalStore(subscribe, () => state);

/** Whether any pour is under way, or ended with something still waited for. */
export const useAnyWait = (): boolean =>
  useRuns().runs.some(
    ({ run }) => run && (run.endedAt === undefined || run.moves.some(({ silenced }) => !silenced)),
  );

/** One run whole: as this device has it, else as the studio does; nothing where none is asked for. */
export function useRun(id: string | undefined): {
  readonly run?: Run;
  readonly isPending: boolean;
  readonly isError: boolean;
  readonly error: Error | null;
  readonly refetch: () => void;
} {
  const { runs, loaded, fault, next } = useRuns();
  const row = runs.find((r) => r.id === id);
  const here = row?.run;
  // One that is not among the pages read so far may be on an older one.
  const older =
    id !== undefined && loaded && next !== undefined && !unsentRuns().struck.has(`run.${id}`);
  const wanted = here === undefined && (row !== undefined || older);
  const [why, setWhy] = useState<string>();
  const [none, setNone] = useState(false);
  const [asked, setAsked] = useState(0);
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
        if (gone) return;
        if (error instanceof Refused && error.status === 404) setNone(true);
        else setWhy(error instanceof Error ? error.message : String(error));
      },
    );
    return () => {
      gone = true;
    };
  }, [id, wanted, asked]);
  const told = fault ?? (wanted ? why : undefined);
  return {
    ...(here ? { run: here } : {}),
    isPending: told === undefined && (!loaded || (wanted && !none)),
    isError: told !== undefined,
    error: told === undefined ? null : new Error(told),
    refetch: () => {
      setWhy(undefined);
      setAsked(asked + 1);
      readRunsAnew();
    },
  };
}

/** Changes a run that may not be whole on this device: it is asked for first. */
export async function changeRun(id: string, change: (run: Run) => Run): Promise<void> {
  const run = runNow(id) ?? (await call<Run>(`/api/runs/${id}`));
  putRun(change(runNow(id) ?? run));
}
