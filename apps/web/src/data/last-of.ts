import { useSyncExternalStore } from 'react';

/** Holds the last thing deleted of its kind until it is put back or another takes its place. */
export function lastOf<T>() {
  let held: T | undefined;
  const listeners = new Set<() => void>();
  const subscribe = (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  };
  return {
    store: {
      set: (next: T | undefined): void => {
        held = next;
        for (const listener of listeners) listener();
      },
    },
    use: (): T | undefined => useSyncExternalStore(subscribe, () => held),
  };
}
