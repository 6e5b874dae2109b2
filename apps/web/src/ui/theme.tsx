import { useEffect } from 'react';
import { useSettings } from '@/data/settings';

/** Puts the studio's theme on the page; "system" leaves it to the system. */
export function Theme() {
  const { theme } = useSettings();
  useEffect(() => {
    const { dataset } = document.documentElement;
    if (theme === 'system') delete dataset.theme;
    else dataset.theme = theme;
  }, [theme]);
  return null;
}
