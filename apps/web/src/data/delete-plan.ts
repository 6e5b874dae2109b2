import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from './api';
import { dropSession, settled } from './plan-session';
import { plansKey } from './plans';

/** Deletes a plan, as it stands on this screen, into the studio's bin. */
export function useDeletePlan() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (id: string) => {
      await settled(id);
      await call(`/api/plans/${encodeURIComponent(id)}`, { method: 'DELETE' });
      dropSession(id);
    },
    onSuccess: () => client.invalidateQueries({ queryKey: plansKey }),
  });
}
