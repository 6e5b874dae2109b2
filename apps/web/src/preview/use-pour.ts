import { useEffect, useMemo, useSyncExternalStore } from 'react';
import { type Brief, type Plan, previewOf } from '@potter/core/plan';
import type { View } from '@/workers/messages';
import { pourHost, type Pouring } from './pour-host';

/** Equal plans of one session are one object, so a preview is worked out once for each state and seed. */
const previews = new WeakMap<Brief, Map<number, ReturnType<typeof previewOf>>>();

function previewFor(plan: Plan, brief: Brief, seed: number) {
  const known = previews.get(brief) ?? new Map<number, ReturnType<typeof previewOf>>();
  previews.set(brief, known);
  const found = known.get(seed) ?? previewOf(plan, brief, seed);
  known.set(seed, found);
  return found;
}

/**
 * The pour of a plan, computed while somebody looks.
 * @param id the plan's
 * @param live whether it is to be computed; else only what is there already is told
 * @returns an outcome only where it is of the plan as it is now; a picture of the plan as it was stays until then
 */
export function usePour(
  id: string,
  plan: Plan,
  brief: Brief,
  seed: number,
  view: View,
  live: boolean,
): Pouring {
  const preview = useMemo(() => previewFor(plan, brief, seed), [plan, brief, seed]);
  useEffect(() => {
    if (live) pourHost.show(preview, view, id);
  }, [preview, view, live, id]);
  const state = useSyncExternalStore(pourHost.subscribe, pourHost.get);
  if (pourHost.subject() !== id) return NOTHING;
  const { outcome, ...rest } = state;
  return state.of === preview && outcome ? { ...rest, outcome } : rest;
}

const NOTHING: Pouring = {};
