import type { Consistency } from '@potter/core/mix';
import { useSettings } from '@/data/settings';

/** The artist's own word for a step, where there is one. */
export function useConsistencyName(): (step: Consistency) => string {
  const { consistencyNames } = useSettings();
  return (step) => consistencyNames[step] || step;
}
