import type { Pictures } from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

const key = ['pictures-held'] as const;

/** How many pictures the studio holds, and how many of them nothing shows any more. */
export const usePicturesHeld = () =>
  useQuery({ queryKey: key, queryFn: () => call<Pictures>('/api/pictures') });

/** Lets go for good the pictures nothing shows any more. */
export function useDropUnused() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<Pictures>('/api/pictures/unused', { method: 'DELETE' }),
    onSuccess: (held) => client.setQueryData(key, held),
  });
}
