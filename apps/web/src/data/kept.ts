import type { Plan } from '@potter/core/plan';
import { device } from './device';
import type { History } from './history';

/** A plan's history on this device, and whether the studio has its present state. */
export interface Kept {
  /** Revision of the studio's that it started from. */
  readonly revision: number;
  readonly unsaved: boolean;
  readonly history: History<Plan>;
}

/** Steps written for a reload: enough to undo a day's work, small enough for a phone's storage. */
const MOST_STEPS = 120;

const key = (id: string): string => `plan.${id}`;

export function keep(id: string, entry: Kept): void {
  const { past, now, future } = entry.history;
  device.set(key(id), {
    ...entry,
    history: { past: past.slice(-MOST_STEPS), now, future: future.slice(0, MOST_STEPS), at: 0 },
  });
}

export const kept = (id: string): Kept | undefined => device.get<Kept>(key(id));

export const letGo = (id: string): void => device.remove(key(id));
