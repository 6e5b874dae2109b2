import { useRef } from 'react';

const DEAF_MS = 700;

/**
 * A press that counts once: a second within 700 ms is a wet glove's bounce, and more than one finger is a palm. It goes by when the finger came down:
 * a page that is busy hears of it late.
 */
export function useSteadyPress(
  act: () => void,
): (event?: { nativeEvent?: { touches?: readonly unknown[]; timeStamp?: number } }) => void {
  const last = useRef(-DEAF_MS);
  return (event) => {
    const now = event?.nativeEvent?.timeStamp ?? performance.now();
    if ((event?.nativeEvent?.touches?.length ?? 0) > 1 || now - last.current < DEAF_MS) return;
    last.current = now;
    act();
  };
}
