import { useEffect, useState } from 'react';

/** The time, anew every `everyMs`, on the beat of that length. */
export function useNow(everyMs: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const tick = () => {
      setNow(Date.now());
      timer = setTimeout(tick, everyMs - (Date.now() % everyMs) + 5);
    };
    tick();
    return () => clearTimeout(timer);
  }, [everyMs]);
  return now;
}
