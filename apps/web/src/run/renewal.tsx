import { usePathname } from 'expo-router';
import { useEffect } from 'react';
import { renewIfThere } from '@/data/keep-on-device';
import { useRuns } from '@/data/runs';

/** Places where nothing is half typed or half done. */
const CALM: readonly string[] = ['/bench', '/plans', '/shelf', '/trials', '/journal', '/settings'];

/** Goes on with a newer application as one walks between places: never within one, and never while a pour is under way. */
export function Renewal() {
  const path = usePathname();
  const { runs } = useRuns();
  const pouring = runs.some(({ run }) => run !== undefined && run.endedAt === undefined);
  useEffect(() => {
    if (!pouring && CALM.includes(path)) renewIfThere();
    // Only a walk is a moment for it, not the end of a pour.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [path]);
  return null;
}
