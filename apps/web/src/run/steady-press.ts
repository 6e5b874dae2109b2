import { useRef } from 'react';

const DEAF_MS = 700;

/** A press that counts once: a second within 700 ms is a wet glove's bounce, and more than one finger is a palm. */
export function useSteadyPress(
  act: () => void,
): (event?: { nativeEvent?: { touches?: readonly unknown[] } }) => void {
  const last = useRef(0);
  return (event) => {
    const now = Date.now();
    if ((event?.nativeEvent?.touches?.length ?? 0) > 1 || now - last.current < DEAF_MS) return;
    last.current = now;
    act();
  };
}
