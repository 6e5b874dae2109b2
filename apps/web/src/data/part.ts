import { useEffect, useState } from 'react';

/** A part of the script that comes when something first needs it. */
export interface Part<T> {
  /** It, where it has come. */
  readonly now: () => T | undefined;
  /** Brings it; what failed is tried anew when it is next asked for. */
  readonly come: () => Promise<T>;
}

export function part<T>(load: () => Promise<T>): Part<T> {
  let there: T | undefined;
  let coming: Promise<T> | undefined;
  return {
    now: () => there,
    come: () =>
      (coming ??= load().then(
        (it) => (there = it),
        (error: unknown) => {
          coming = undefined;
          throw error;
        },
      )),
  };
}

/** A part once it has come, and why it did not; it is sent for where it is wanted. */
export function usePart<T>(
  { now, come }: Part<T>,
  wanted = true,
): { readonly it?: T; readonly fault?: Error } {
  const [it, setIt] = useState(now);
  const [fault, setFault] = useState<Error>();
  useEffect(() => {
    if (it !== undefined || !wanted) return;
    let gone = false;
    come().then(
      // In a function, for a part that is one itself.
      (part) => gone || setIt(() => part),
      (error: unknown) =>
        gone || setFault(error instanceof Error ? error : new Error(String(error))),
    );
    return () => {
      gone = true;
    };
  }, [come, it, wanted]);
  return { ...(it === undefined ? {} : { it }), ...(fault ? { fault } : {}) };
}
