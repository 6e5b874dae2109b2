import type { Copies } from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

const copiesKey = ['copies'] as const;

/** Copies of the whole studio, the newest first. */
export const useCopies = () =>
  useQuery({ queryKey: copiesKey, queryFn: () => call<Copies>('/api/copies') });

export function useCopyNow() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<Copies>('/api/copies', { method: 'POST' }),
    onSuccess: (copies) => client.setQueryData(copiesKey, copies),
  });
}

export const copyUrl = (name: string): string => `/api/copies/${encodeURIComponent(name)}`;
