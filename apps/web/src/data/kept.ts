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
  readonly history: History<Plan>;
}

/** The present state alone: small, so that it is written with every keystroke. */
interface Now {
  readonly revision: number;
  readonly unsaved: boolean;
  readonly unanswered?: readonly string[];
  readonly plan: Plan;
  /** How many steps lay behind it, to tell whether it belongs to the last written step or is a new one. */
  readonly depth: number;
}

/** Steps written for a reload: enough to undo a day's work, small enough for a phone's storage. */
const MOST_STEPS = 120;

const nowKey = (id: string): string => `plan.${id}.now`;
const stepsKey = (id: string): string => `plan.${id}.steps`;

/** Keeps the present state at once, before any plan's undo steps where room is short. Whether it is kept now. */
export function keepNow(id: string, { revision, unsaved, unanswered, history }: Kept): boolean {
  const now: Now = {
    revision,
    unsaved,
    unanswered,
    plan: history.now,
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

/** Keeps the steps before and after it: large, so that it is written when a burst of edits is over; fewer where room is short. */
export function keepSteps(id: string, { past, now, future }: History<Plan>): void {
  const write = (most: number) =>
    device.set(stepsKey(id), {
      past: past.slice(-most),
      now,
      future: future.slice(0, most),
      at: 0,
      depth: past.length,
    });
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
  const steps = device.get<History<Plan> & { readonly depth: number }>(stepsKey(id));
  return {
    revision: now.revision,
    unsaved: now.unsaved,
    unanswered: now.unanswered ?? [],
    history: join(now, steps),
  };
}

function join(
  { plan, depth }: Now,
  steps: (History<Plan> & { readonly depth: number }) | undefined,
): History<Plan> {
  if (!steps) return { past: [], now: plan, future: [], at: 0 };
  const { past, now, future } = steps;
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
