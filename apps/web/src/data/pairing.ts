import { useSyncExternalStore } from 'react';

/**
 * Whether the studio lets this device in, as far as is known: a device may be put out while it works. What it has stays on it, and is sent
 * once it is let in again.
 */
let paired = true;
const listeners = new Set<() => void>();

export const pairing = {
  get: (): boolean => paired,
  set: (now: boolean): void => {
    if (now === paired) return;
    paired = now;
    for (const listener of listeners) listener();
  },
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};

export const usePaired = (): boolean => useSyncExternalStore(pairing.subscribe, pairing.get);
