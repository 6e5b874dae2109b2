import type { Outcome } from '@potter/core/flow';
import { type Brief, type Plan, type Preview, previewKey, previewOf } from '@potter/core/plan';
import { useEffect, useMemo, useSyncExternalStore } from 'react';
import type { View } from '@/workers/messages';
import { pourHost, type Pouring } from './pour-host';

/** Equal plans of one session are one object, so a preview is worked out once for each state and seed. */
const previews = new WeakMap<Brief, Map<number, Preview>>();

function previewFor(plan: Plan, brief: Brief, seed: number): Preview {
  const known = previews.get(brief) ?? new Map<number, Preview>();
  previews.set(brief, known);
  const found = known.get(seed) ?? previewOf(plan, brief, seed);
  known.set(seed, found);
  return found;
}

/**
 * What came of a plan's pour, once it is computed for the plan as it is.
 * @param id the plan's
 * @param live whether it is to be computed now; else what is there already is told
 */
export function useOutcome(
  id: string,
  plan: Plan,
  brief: Brief,
  seed: number,
  view: View,
  live: boolean,
): Outcome | undefined {
  const preview = useMemo(() => previewFor(plan, brief, seed), [plan, brief, seed]);
  useEffect(() => {
    if (live) pourHost.show(preview, view, id);
  }, [preview, view, live, id]);
  return useSyncExternalStore(pourHost.subscribe, () =>
    fits(pourHost.get().told, preview) ? pourHost.get().outcome : undefined,
  );
}

/** Another station opens the plan anew: what came of it is still its own. */
const fits = (told: Preview | undefined, preview: Preview): boolean =>
  told === preview || (told !== undefined && previewKey(told) === previewKey(preview));

/** The pour of a plan as far as it has come, told with every step of it: for what shows the picture. */
export function usePouring(id: string): Pouring {
  return useSyncExternalStore(pourHost.subscribe, () =>
    pourHost.subject() === id ? pourHost.get() : NOTHING,
  );
}

const NOTHING: Pouring = {};
