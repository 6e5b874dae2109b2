import { keptPlans } from '@/data/kept';
import { useNow } from '@/ui/use-now';

const EVERY_MS = 20_000;

/** Whether any plan on this device says that its mixes were made, or shaken: they may stand too long. */
export function useMade(): boolean {
  // What this device keeps says nothing as it changes: it is read anew.
  'use no memo';
  useNow(EVERY_MS);
  return keptPlans().some(({ plan }) => plan.made !== undefined || plan.shaken !== undefined);
}
