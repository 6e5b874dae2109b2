import { edit, type Plan } from '@potter/core/plan';
import type { PlanRecord, PlanSaved } from '@potter/contract';
import { Away, call, Refused } from './api';
import { advance, beginHistory, type History, redo, undo } from './history';
import { keepNow, keepSteps, kept, letGo } from './kept';
import { fetchPlan } from './plans';

/** How the document on screen stands to the one in the studio. */
export type Saving = 'saved' | 'saving' | 'away' | 'refused' | 'branched';

export interface SessionState {
  readonly history: History<Plan>;
  readonly saving: Saving;
  /** Why a save was refused, in the studio's words. */
  readonly why?: string;
  /** The plan these edits went on as, after another device had changed the original. */
  readonly branch?: string;
}

/** A plan being worked on: edits take effect at once, saves follow by themselves. */
export interface PlanSession {
  readonly get: () => SessionState;
  readonly subscribe: (listener: () => void) => () => void;
  readonly edit: (change: (plan: Plan) => Plan, tag?: string) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Sends what is unsaved now, e.g. before the page goes. */
  readonly flush: () => void;
}

const SAVE_AFTER_MS = 400;
const RETRY_AFTER_MS = 3000;
/** Undo steps are written this long after the last edit of a burst; the present state is written with every one. */
const WRITE_AFTER_MS = 250;

/** Sessions of this page that still owe the studio a save: whoever opens such a plan again goes on in the same one. */
const owing = new Map<string, PlanSession>();

/**
 * Opens a plan; edits and undo steps that this device kept from an earlier page are taken up again. Where another
 * device has changed the plan since, what is unsaved here is kept as a plan of its own.
 */
export async function openSession(id: string): Promise<PlanSession> {
  const open = owing.get(id);
  if (open) return open;
  const left = kept(id);
  let away = false;
  const record = await fetchPlan(id).catch((error: unknown) => {
    if (!(error instanceof Away) || !left) throw error;
    // This device's own copy serves until the studio is back.
    away = true;
    return { id, revision: left.revision, updatedAt: '', plan: left.history.now };
  });
  // A page that was closed never hears that its last save arrived: then the studio's state is this device's.
  const arrived =
    left !== undefined && (away ? !left.unsaved : same(left.history.now, record.plan));
  const continues = left !== undefined && (arrived || left.unsaved);
  const unsaved = continues && !arrived;
  let revision = unsaved ? left.revision : record.revision;
  let state: SessionState = {
    history: continues ? left.history : beginHistory(record.plan),
    saving: away ? 'away' : 'saved',
  };
  let sent: Plan | undefined = unsaved ? undefined : state.history.now;
  let underWay = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let writing: ReturnType<typeof setTimeout> | undefined;
  const listeners = new Set<() => void>();

  const set = (next: Partial<SessionState>) => {
    state = { ...state, ...next };
    for (const listener of listeners) listener();
  };
  const later = (ms: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), ms);
  };
  const snapshot = () => ({
    revision,
    unsaved: state.history.now !== sent,
    history: state.history,
  });
  const writeNow = () => state.saving !== 'branched' && keepNow(id, snapshot());
  const writeSteps = () => {
    clearTimeout(writing);
    writing = undefined;
    if (state.saving !== 'branched') keepSteps(id, state.history);
  };

  async function save(keepalive = false): Promise<void> {
    const plan = state.history.now;
    if (underWay || plan === sent || state.saving === 'branched') return;
    underWay = true;
    set({ saving: 'saving' });
    try {
      const saved = await call<PlanSaved>(`/api/plans/${encodeURIComponent(id)}`, {
        method: 'PUT',
        body: { revision, plan },
        keepalive,
      });
      revision = saved.revision;
      sent = plan;
      set({ saving: 'saved', why: undefined });
      writeNow();
      if (state.history.now === sent) owing.delete(id);
    } catch (error) {
      if (error instanceof Away) {
        set({ saving: 'away' });
        later(RETRY_AFTER_MS);
      } else if (error instanceof Refused && error.refusal.code === 'behind') await branchOff(plan);
      else if (error instanceof Refused) {
        const [fault] = error.refusal.faults;
        set({
          saving: 'refused',
          why: fault ? `${error.message} ${fault.path} ${fault.message}` : error.message,
        });
      } else throw error;
    } finally {
      underWay = false;
      if (state.saving === 'saved' && state.history.now !== sent) later(0);
    }
  }

  /** Another device was first: the edits made here become a plan of their own, and nothing is overwritten. */
  async function branchOff(plan: Plan): Promise<void> {
    try {
      const record = await call<PlanRecord>('/api/plans', {
        method: 'POST',
        body: { plan: edit.rename(plan, `${plan.title}, second copy`.slice(0, 120)) },
      });
      set({ saving: 'branched', branch: record.id });
      owing.delete(id);
      letGo(id);
    } catch {
      set({ saving: 'away' });
      later(RETRY_AFTER_MS);
    }
  }

  function go(history: History<Plan>): void {
    if (history === state.history || state.saving === 'branched') return;
    set({ history });
    owing.set(id, session);
    writeNow();
    // A new step is written at once; keystrokes that join the last one wait for the end of the burst.
    if (writing === undefined) writeSteps();
    clearTimeout(writing);
    writing = setTimeout(writeSteps, WRITE_AFTER_MS);
    later(state.saving === 'away' ? RETRY_AFTER_MS : SAVE_AFTER_MS);
  }

  const session: PlanSession = {
    get: () => state,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    edit: (change, tag) => go(advance(state.history, change(state.history.now), Date.now(), tag)),
    undo: () => go(undo(state.history)),
    redo: () => go(redo(state.history)),
    flush: () => {
      if (writing !== undefined) writeSteps();
      clearTimeout(timer);
      void save(true);
    },
  };
  // Also a plan only looked at opens again while the studio is away; steps of another state of it fit no more.
  if (!continues) {
    letGo(id);
    writeNow();
  }
  if (unsaved) {
    owing.set(id, session);
    later(away ? RETRY_AFTER_MS : 0);
  }
  return session;
}

const same = (a: Plan, b: Plan): boolean => JSON.stringify(a) === JSON.stringify(b);
