import { useEffect, useState } from 'react';

/** Rows that are drawn in one go: a few, so that the screen answers meanwhile. */
const AT_ONCE = 12;

/** How many rows of a list to draw: a few at first, a few more each time the screen has drawn, up to `most`. */
export function useGrowing(most: number): number {
  const [drawn, setDrawn] = useState(AT_ONCE);
  useEffect(() => {
    if (drawn >= most) return;
    const timer = setTimeout(() => setDrawn(drawn + AT_ONCE), 0);
    return () => clearTimeout(timer);
  }, [drawn, most]);
  return Math.min(drawn, most);
}
