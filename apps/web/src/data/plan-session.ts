import { checkPlan, edit, type Plan } from '@potter/core/plan';
import {
  MOST_UNANSWERED,
  type PlanCreate,
  type PlanRecord,
  type PlanSave,
  type PlanSaved,
} from '@potter/contract';
import { formerOf, merged } from '@potter/contract/change';
import { mayPass, waitMs, whenBack } from './again';
import { call, Refused } from './api';
import { advance, beginHistory, type History, redo, regrounded, undo } from './history';
import { keepNow, keepSteps, kept, letGo, watchKept } from './kept';
import { onChanged } from './live';
import { newId } from './new-id';
import { fetchPlan } from './plans';

/** How the document on screen stands to the one in the studio. */
export type Saving = 'saved' | 'saving' | 'away' | 'refused' | 'branched';

interface SessionState {
  readonly history: History<Plan>;
  readonly saving: Saving;
  /** Why a save was refused, or has to wait, in the studio's words. */
  readonly why?: string;
  /** Whether this device has what is on screen, should the page go now. */
  readonly kept: boolean;
  /** How many changes of other devices it has taken in since it was opened. */
  readonly takenIn: number;
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
  /** Forgets what is unsaved and what this device kept. */
  readonly drop: () => void;
}

const SAVE_AFTER_MS = 400;
/** Undo steps are written this long after the last edit of a burst; the present state is written with every one. */
const WRITE_AFTER_MS = 250;

/** Sessions of this page that still owe the studio a save: whoever opens such a plan again goes on in the same one. */
const owing = new Map<string, PlanSession>();

/** The plan is taken out of the studio on purpose: nothing here sends it again. */
export function dropSession(id: string): void {
  letGo(id);
  owing.get(id)?.drop();
}

/** What this page may still owe the studio of a plan is sent, and answered, or not answered in time; resolves either way. */
export function settled(id: string): Promise<void> {
  const session = owing.get(id);
  if (!session) return Promise.resolve();
  session.flush();
  return new Promise((resolve) => {
    const done = () => {
      stop();
      clearTimeout(timer);
      resolve();
    };
    const timer = setTimeout(done, SETTLES_WITHIN_MS);
    const stop = session.subscribe(() => {
      if (session.get().saving !== 'saving') done();
    });
  });
}
const SETTLES_WITHIN_MS = 3000;

/**
 * Opens a plan; edits and undo steps that this device kept from an earlier page are taken up again. What another device changes meanwhile is
 * taken in; where both have changed the same part, what is unsaved here is kept as a plan of its own.
 */
export async function openSession(id: string): Promise<PlanSession> {
  const open = owing.get(id);
  if (open) return open;
  const left = kept(id);
  let away = false;
  const record = await fetchPlan(id).catch((error: unknown) => {
    // This device's own copy serves until the studio is back; where the plan was deleted elsewhere, so do edits made here.
    if (!left || !(mayPass(error) || (isGone(error) && left.unsaved))) throw error;
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
    kept: true,
    takenIn: 0,
  };
  /** The id its edits go on under, should they have to become a plan of their own. */
  const branchId = newId();
  let sent: Plan | undefined = unsaved ? undefined : state.history.now;
  /** The plan as the studio had it at `revision`, where that is known. */
  let base: Plan | undefined = unsaved ? left.base : away ? left?.base : record.plan;
  /** Saves of this device that were sent and not answered: they may have arrived all the same, one of this very state a moment from now. */
  let unanswered: readonly string[] = continues ? left.unanswered : [];
  let underWay = false;
  /** Told of a change while a save was under way. */
  let unheard = false;
  let tries = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let writing: ReturnType<typeof setTimeout> | undefined;
  const listeners = new Set<() => void>();
  let stops: (() => void)[] = [];

  const set = (next: Partial<SessionState>) => {
    state = { ...state, ...next };
    for (const listener of listeners) listener();
  };
  const later = (ms: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), ms);
  };
  /** Once more in a while; the longer, the oftener it was in vain. */
  const again = (error: unknown) => {
    set({ saving: 'away', why: error instanceof Refused ? error.message : undefined });
    later(waitMs(++tries));
  };
  const owes = () => state.history.now !== sent && state.saving !== 'branched';
  const writeNow = () => {
    if (state.saving === 'branched') return;
    const done = keepNow(id, {
      revision,
      unsaved: owes(),
      unanswered,
      history: state.history,
      ...(base ? { base } : {}),
    });
    if (done !== state.kept) set({ kept: done });
  };
  const writeSteps = () => {
    clearTimeout(writing);
    writing = undefined;
    if (state.saving !== 'branched') keepSteps(id, state.history);
  };

  async function save(keepalive = false): Promise<void> {
    if (underWay || !owes()) return;
    const plan = state.history.now;
    const own = newId();
    underWay = true;
    set({ saving: 'saving' });
    try {
      const before = unanswered.slice(-MOST_UNANSWERED);
      // Written before it is sent: a page that is closed never hears whether its last save arrived.
      unanswered = [...before, own];
      writeNow();
      const saved = await call<PlanSaved>(`/api/plans/${encodeURIComponent(id)}`, {
        method: 'PUT',
        body: {
          revision,
          plan,
          save: own,
          unanswered: before,
          ...(base ? { was: formerOf(base, plan) } : {}),
        } satisfies PlanSave,
        keepalive,
      });
      unanswered = [];
      tries = 0;
      // Where it is not taken in, the next save finds out.
      if (saved.plan) takeIn(plan, saved.plan, saved.revision);
      else {
        revision = saved.revision;
        sent = base = plan;
      }
      set({ saving: 'saved', why: undefined });
      writeNow();
      if (!owes()) owing.delete(id);
    } catch (error) {
      if (mayPass(error)) again(error);
      else if (error instanceof Refused && (error.refusal.code === 'behind' || isGone(error)))
        await branchOff(isGone(error));
      else if (error instanceof Refused) set({ saving: 'refused', why: error.inWords });
      else throw error;
    } finally {
      underWay = false;
      if (state.saving === 'saved' && owes()) later(0);
      else if (unheard) void hear();
    }
  }

  /**
   * What another device has changed holds here too, in every step there is. Not so where it and what was done here since touch the same part.
   * @param from the state it was changed from
   */
  function takeIn(from: Plan, to: Plan, at: number): void {
    const was = formerOf(from, to);
    const history = regrounded(state.history, (step) => {
      if (step === from) return to;
      const result = merged(step, { now: to, was });
      return 'is' in result && checkPlan(result.is).length === 0 ? result.is : undefined;
    });
    if (!history) return;
    revision = at;
    sent = base = to;
    set({ history, takenIn: state.takenIn + 1 });
    writeSteps();
  }

  /** Another device has changed the plan, maybe. What is owed here is sent, and comes back with it; else it is read anew. */
  async function hear(): Promise<void> {
    // It may have come before a save of this page's that is on its way, or after it.
    unheard = underWay;
    if (underWay || state.saving === 'branched') return;
    if (owes()) return void save();
    const theirs = await fetchPlan(id).catch(() => undefined);
    // Edited meanwhile, the save brings it.
    if (!theirs || underWay || owes() || theirs.revision <= revision) return;
    takeIn(state.history.now, theirs.plan, theirs.revision);
    writeNow();
  }

  /**
   * Another device was first, or took the plan away: the edits made here become a plan of their own, and nothing is overwritten. What is
   * typed while that is under way goes into it too.
   */
  async function branchOff(gone: boolean): Promise<void> {
    const copy = (plan: Plan) =>
      gone ? plan : edit.rename(plan, `${plan.title}, second copy`.slice(0, 120));
    try {
      let plan = state.history.now;
      const record = await call<PlanRecord>('/api/plans', {
        method: 'POST',
        // Asked again after a lost answer, it is the same plan.
        body: { id: branchId, plan: copy(plan) } satisfies PlanCreate,
      });
      let { revision: at } = record;
      // Made by an earlier asking whose answer was lost, it holds what was typed by then.
      let there = record.plan;
      while (plan !== state.history.now || !same(there, copy(plan))) {
        plan = state.history.now;
        there = copy(plan);
        const saved = await call<PlanSaved>(`/api/plans/${branchId}`, {
          method: 'PUT',
          body: { revision: at, plan: there } satisfies PlanSave,
        });
        at = saved.revision;
      }
      // What was done before can be undone there too.
      const { past, future } = state.history;
      const history = { past: past.map(copy), now: there, future: future.map(copy), at: 0 };
      keepNow(branchId, { revision: at, unsaved: false, unanswered: [], history });
      keepSteps(branchId, history);
      owing.delete(id);
      letGo(id);
      set({ saving: 'branched', branch: record.id, why: undefined });
    } catch (error) {
      again(error);
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
    later(state.saving === 'away' ? waitMs(tries) : SAVE_AFTER_MS);
  }

  /** Two pages of this device with one plan stay in step: what is done in the other is there in this one, and only the other sends it. */
  function inStep(): void {
    const theirs = kept(id);
    if (!theirs || state.saving === 'branched') return;
    if (theirs.revision >= revision) ({ revision, base } = { base, ...theirs });
    unanswered = theirs.unanswered;
    const history = same(theirs.history.now, state.history.now)
      ? state.history
      : advance(state.history, theirs.history.now, Date.now());
    if (history !== state.history || !theirs.unsaved) sent = history.now;
    set({ history, ...(theirs.unsaved ? {} : { saving: 'saved', why: undefined }) });
  }

  /** Nobody waits out a long pause once the network is back. */
  function back(): void {
    if (state.saving !== 'away') return;
    tries = 0;
    later(0);
  }

  const session: PlanSession = {
    get: () => state,
    subscribe: (listener) => {
      if (listeners.size === 0)
        stops = [
          watchKept(id, inStep),
          whenBack(back),
          onChanged((about) => {
            if (about === `plans/${id}` || about === undefined) void hear();
          }),
        ];
      listeners.add(listener);
      return () => {
        listeners.delete(listener);
        if (listeners.size === 0) for (const stop of stops) stop();
      };
    },
    edit: (change, tag) => {
      // Done in the moment in which the screen goes on to the copy.
      if (state.branch !== undefined)
        void openSession(state.branch).then((copy) => copy.edit(change, tag));
      else go(advance(state.history, change(state.history.now), Date.now(), tag));
    },
    undo: () => go(undo(state.history)),
    redo: () => go(redo(state.history)),
    drop: () => {
      clearTimeout(timer);
      clearTimeout(writing);
      writing = undefined;
      sent = state.history.now;
      owing.delete(id);
      letGo(id);
    },
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
    later(away ? waitMs(1) : 0);
  }
  return session;
}

const isGone = (error: unknown): boolean => error instanceof Refused && error.status === 404;

const same = (a: Plan, b: Plan): boolean => JSON.stringify(a) === JSON.stringify(b);
