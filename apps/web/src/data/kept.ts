import type { Former } from '@potter/contract';
import { formerOf, restored } from '@potter/contract/change';
import type { Plan } from '@potter/core/plan';
import { device } from './device';
import type { History } from './history';

/** A plan's history on this device, and whether the studio has its present state. */
export interface Kept {
  /** Revision of the studio's that it started from. */
  readonly revision: number;
  readonly unsaved: boolean;
  /** Ids of saves of this state or ones before it that were sent and not answered. */
  readonly unanswered: readonly string[];
  /** The plan as the studio had it at that revision; unknown where an earlier version kept this. */
  readonly base?: Plan;
  readonly history: History<Plan>;
}

/** The present state alone: small, so that it is written with every keystroke. */
interface Now {
  readonly revision: number;
  readonly unsaved: boolean;
  readonly unanswered?: readonly string[];
  readonly plan: Plan;
  /** What stood in the studio wherever the plan differs from it. */
  readonly was?: Former;
  /** How many steps lay behind it, to tell whether it belongs to the last written step or is a new one. */
  readonly depth: number;
}

/**
 * Steps as they are written: of each only what stood where it differs from the next one, toward the present. Whole plans of one evening would
 * fill a phone's storage.
 */
interface Steps {
  readonly past: readonly Former[];
  readonly now: Plan;
  readonly future: readonly Former[];
  /** How many steps lay behind the present when they were written, also those for which there was no room. */
  readonly depth: number;
  readonly as: 'differences';
}

/** Steps written for a reload: as many as a session holds. */
const MOST_STEPS = 200;

function packed({ past, now, future }: History<Plan>, most: number): Steps {
  const behind = [...past.slice(-most), now];
  const ahead = [now, ...future.slice(0, most)];
  return {
    past: behind.slice(1).map((after, i) => formerOf(behind[i], after)),
    now,
    future: ahead.slice(1).map((after, i) => formerOf(after, ahead[i])),
    depth: past.length,
    as: 'differences',
  };
}

function unpacked({ past, now, future }: Steps): Pick<History<Plan>, 'past' | 'now' | 'future'> {
  const behind = past.reduceRight<Plan[]>(
    (all, former) => [restored(all[0]!, former), ...all],
    [now],
  );
  const ahead = future.reduce<Plan[]>(
    (all, former) => [...all, restored(all.at(-1)!, former)],
    [now],
  );
  return { past: behind.slice(0, -1), now, future: ahead.slice(1) };
}

const nowKey = (id: string): string => `plan.${id}.now`;
const stepsKey = (id: string): string => `plan.${id}.steps`;

/** Keeps the present state at once, before any plan's undo steps where room is short. Whether it is kept now. */
export function keepNow(
  id: string,
  { revision, unsaved, unanswered, base, history }: Kept,
): boolean {
  const now: Now = {
    revision,
    unsaved,
    unanswered,
    plan: history.now,
    ...(base ? { was: formerOf(base, history.now) } : {}),
    depth: history.past.length,
  };
  if (device.set(nowKey(id), now)) return true;
  makeRoom();
  return device.set(nowKey(id), now);
}

/** Calls when another page of this device keeps a state of this plan. */
export function watchKept(id: string, changed: () => void): () => void {
  if (typeof addEventListener !== 'function') return () => undefined;
  const heard = ({ key, newValue }: StorageEvent) => {
    if (key === `potter.${nowKey(id)}` && newValue !== null) changed();
  };
  addEventListener('storage', heard);
  return () => removeEventListener('storage', heard);
}

/** Keeps the steps before and after it, when a burst of edits is over; fewer where room is short. */
export function keepSteps(id: string, history: History<Plan>): void {
  const write = (most: number) => device.set(stepsKey(id), packed(history, most));
  if (write(MOST_STEPS)) return;
  makeRoom();
  for (let most = MOST_STEPS; most >= 1 && !write(most); most = Math.floor(most / 2));
}

/** Gives up the undo steps of all plans; what is not yet in the studio stays. */
function makeRoom(): void {
  for (const key of device.keys()) if (/^plan\..*\.steps$/.test(key)) device.remove(key);
}

/** What this device kept: the steps as last written, with the present state on top where it is newer. */
export function kept(id: string): Kept | undefined {
  const now = device.get<Now>(nowKey(id));
  if (!now) return undefined;
  const steps = device.get<Steps | WholeSteps>(stepsKey(id));
  return {
    revision: now.revision,
    unsaved: now.unsaved,
    unanswered: now.unanswered ?? [],
    ...(now.was ? { base: restored(now.plan, now.was) } : {}),
    history: join(now, steps),
  };
}

/** Steps as earlier versions wrote them: whole plans. */
type WholeSteps = Pick<History<Plan>, 'past' | 'now' | 'future'> & { readonly depth: number };

function join({ plan, depth }: Now, steps: Steps | WholeSteps | undefined): History<Plan> {
  if (!steps) return { past: [], now: plan, future: [], at: 0 };
  const { past, now, future } = 'as' in steps ? unpacked(steps) : steps;
  if (depth <= steps.depth)
    return { past, now: plan, future: depth === steps.depth ? future : [], at: 0 };
  return { past: [...past, now], now: plan, future: [], at: 0 };
}

/** Every plan this device has, as it stands. */
export const keptPlans = (): { readonly id: string; readonly plan: Plan }[] =>
  device.keys().flatMap((key) => {
    const id = /^plan\.(.+)\.now$/.exec(key)?.[1];
    const now = id === undefined ? undefined : device.get<Now>(key);
    return id !== undefined && now ? [{ id, plan: now.plan }] : [];
  });

export function letGo(id: string): void {
  device.remove(nowKey(id));
  device.remove(stepsKey(id));
}
