import type { Outcome } from '@potter/core/flow';
import { wayOf, WAYS } from '@potter/core/plan';
import { useMemo } from 'react';
import { type Several, SMALL, useSeveral, type Wanted } from '@/picture/several';
import { usePlan } from '@/plan/plan-context';

/** The ways the plan in hand may turn out, computed one after the other, and what came of those that are. */
export function useWays(): {
  readonly ways: readonly Wanted[];
  readonly small: Several;
  readonly outcomes: readonly Outcome[];
} {
  const { plan, brief } = usePlan();
  const ways = useMemo(
    () =>
      Array.from({ length: WAYS }, (_, nth) => ({
        key: `way ${nth + 1}`,
        preview: () => wayOf(plan, brief, nth),
      })),
    [plan, brief],
  );
  const small = useSeveral(ways, SMALL);
  return { ways, small, outcomes: ways.flatMap(({ key }) => small.had.get(key)?.outcome ?? []) };
}
