import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from './api';
import { dropSession } from './plan-session';
import { fetchPlan, plansKey } from './plans';

/** Deletes a plan and hands it back, so that it can be put in again. */
export function useDeletePlan() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (id: string) => {
      const { plan } = await fetchPlan(id);
      await call(`/api/plans/${encodeURIComponent(id)}`, { method: 'DELETE' });
      dropSession(id);
      return plan;
    },
    onSuccess: () => client.invalidateQueries({ queryKey: plansKey }),
  });
}
