import type { PlanList, PlanRecord } from '@potter/contract';
import type { Plan } from '@potter/core/plan';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

export const plansKey = ['plans'] as const;

const useList = <T>(select: (list: PlanList) => T) =>
  useQuery({ queryKey: plansKey, queryFn: () => call<PlanList>('/api/plans'), select });

export const usePlans = () => useList(plansOf);
const plansOf = (list: PlanList) => list.plans;

/** Plans that are in the studio's file and cannot be shown. */
export const usePlansApart = () => useList(apartOf).data;
const apartOf = (list: PlanList) => list.apart;

export const fetchPlan = (id: string) => call<PlanRecord>(`/api/plans/${encodeURIComponent(id)}`);

export function useCreatePlan() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (plan: Plan) => call<PlanRecord>('/api/plans', { method: 'POST', body: { plan } }),
    onSuccess: () => client.invalidateQueries({ queryKey: plansKey }),
  });
}
