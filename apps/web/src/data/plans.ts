import type { PlanList, PlanRecord, PlansAsk } from '@potter/contract';
import type { Plan } from '@potter/core/plan';
import {
  keepPreviousData,
  useInfiniteQuery,
  useMutation,
  useQueryClient,
} from '@tanstack/react-query';
import { call } from './api';

export const plansKey = ['plans'] as const;

/** A list of plans, its first page at once and more as they are asked for. */
export function usePlans(of: PlansAsk['of'] = 'all', search = '') {
  return useInfiniteQuery({
    queryKey: [...plansKey, of, search],
    queryFn: ({ pageParam: after }) => {
      const asked = new URLSearchParams({ of, search, ...(after === '' ? {} : { after }) });
      return call<PlanList>(`/api/plans?${asked}`);
    },
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    // What was found before stays in sight while something else is searched for.
    placeholderData: keepPreviousData,
    select: ({ pages }) => ({
      plans: pages.flatMap((page) => page.plans),
      /** Plans that are in the studio's file and cannot be shown. */
      apart: pages.flatMap((page) => page.apart ?? []),
      /** How many there are, shown or not. */
      count: pages.at(-1)?.count ?? 0,
    }),
  });
}

export const fetchPlan = (id: string) => call<PlanRecord>(`/api/plans/${encodeURIComponent(id)}`);

export function useCreatePlan() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (plan: Plan) => call<PlanRecord>('/api/plans', { method: 'POST', body: { plan } }),
    onSuccess: () => client.invalidateQueries({ queryKey: plansKey }),
  });
}
