import { useEffect, useState } from 'react';

/** The time, anew every `everyMs`, on the beat of that length; by the wall, or by another clock. */
export function useNow(everyMs: number, clock: () => number = Date.now): number {
  const [now, setNow] = useState(clock);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const tick = () => {
      const at = clock();
      setNow(at);
      timer = setTimeout(tick, everyMs - (at % everyMs) + 5);
    };
    tick();
    return () => clearTimeout(timer);
  }, [everyMs, clock]);
  return now;
}
