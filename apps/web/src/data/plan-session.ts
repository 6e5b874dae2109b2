import type { Plan } from '@potter/core/plan';
import type { PlanSaved } from '@potter/contract';
import { Away, call, Refused } from './api';
import { advance, beginHistory, type History, redo, undo } from './history';
import { keep, kept, letGo } from './kept';
import { fetchPlan } from './plans';

/** How the document on screen stands to the one in the studio. */
export type Saving = 'saved' | 'saving' | 'away' | 'behind' | 'refused';

export interface SessionState {
  readonly history: History<Plan>;
  readonly saving: Saving;
  /** Why a save was refused, in the studio's words. */
  readonly why?: string;
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

/** Opens a plan; edits kept on this device from a page that was closed too soon are taken up again. */
export async function openSession(id: string): Promise<PlanSession> {
  const record = await fetchPlan(id);
  const left = kept(id);
  const unsaved = left !== undefined && left.revision === record.revision;
  let revision = record.revision;
  let state: SessionState = {
    history: beginHistory(unsaved ? left.plan : record.plan),
    saving: 'saved',
  };
  let sent: Plan = record.plan;
  let underWay = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const listeners = new Set<() => void>();

  const set = (next: Partial<SessionState>) => {
    state = { ...state, ...next };
    for (const listener of listeners) listener();
  };
  const later = (ms: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), ms);
  };

  async function save(keepalive = false): Promise<void> {
    const plan = state.history.now;
    if (underWay || plan === sent || state.saving === 'behind') return;
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
      if (state.history.now === plan) letGo(id);
      else keep(id, { revision, plan: state.history.now });
      set({ saving: 'saved', why: undefined });
    } catch (error) {
      if (error instanceof Away) {
        set({ saving: 'away' });
        later(RETRY_AFTER_MS);
      } else if (error instanceof Refused) {
        set({
          saving: error.refusal.code === 'behind' ? 'behind' : 'refused',
          why: error.refusal.faults[0]
            ? `${error.message} ${error.refusal.faults[0].path} ${error.refusal.faults[0].message}`
            : error.message,
        });
      } else throw error;
    } finally {
      underWay = false;
      if (state.saving === 'saved' && state.history.now !== sent) later(0);
    }
  }

  function go(history: History<Plan>): void {
    if (history === state.history) return;
    set({ history });
    keep(id, { revision, plan: history.now });
    later(state.saving === 'away' ? RETRY_AFTER_MS : SAVE_AFTER_MS);
  }

  if (unsaved) later(0);
  return {
    get: () => state,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    edit: (change, tag) => go(advance(state.history, change(state.history.now), Date.now(), tag)),
    undo: () => go(undo(state.history)),
    redo: () => go(redo(state.history)),
    flush: () => {
      clearTimeout(timer);
      void save(true);
    },
  };
}
