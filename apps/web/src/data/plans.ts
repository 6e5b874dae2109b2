import type { PlanList, PlanRecord } from '@potter/contract';
import type { Plan } from '@potter/core/plan';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

export const plansKey = ['plans'] as const;

export const usePlans = () =>
  useQuery({
    queryKey: plansKey,
    queryFn: () => call<PlanList>('/api/plans').then((list) => list.plans),
  });

export const fetchPlan = (id: string) => call<PlanRecord>(`/api/plans/${encodeURIComponent(id)}`);

export function useCreatePlan() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (plan: Plan) => call<PlanRecord>('/api/plans', { method: 'POST', body: { plan } }),
    onSuccess: () => client.invalidateQueries({ queryKey: plansKey }),
  });
}
