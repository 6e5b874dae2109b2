import { useEffect, useState } from 'react';

/** Whether something that is counted happened within so many ms, as long as it is looked at. */
export function useJustNow(count: number, withinMs: number): boolean {
  const [seen, setSeen] = useState(count);
  useEffect(() => {
    if (seen === count) return;
    const timer = setTimeout(() => setSeen(count), withinMs);
    return () => clearTimeout(timer);
  }, [seen, count, withinMs]);
  return seen !== count;
}
