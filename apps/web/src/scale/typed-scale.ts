import type { ScaleSource } from './scale-source';

/** The artist's own scale: what it reads is typed in. */
export function typedScale(stepG: number): Required<Pick<ScaleSource, 'enter'>> & ScaleSource {
  let reading: ReturnType<ScaleSource['read']> = { kind: 'unread' };
  const listeners = new Set<() => void>();
  return {
    stepG,
    read: () => reading,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    // Nobody types a reading before it stands still.
    enter: (g) => {
      reading = g === undefined ? { kind: 'unread' } : { kind: 'weight', g, steady: true };
      listeners.forEach((listener) => listener());
    },
  };
}
