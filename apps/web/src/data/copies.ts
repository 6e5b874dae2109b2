import type { Copies, CopyBrought, CopyLook } from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';
import { readRunsAnew } from './runs';

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

const STUDIO_FILE = 'application/vnd.sqlite3';

/** Brings a copy in from elsewhere, to be looked at like any other. */
export function useBringCopyIn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: File) =>
      call<CopyBrought>('/api/copies/in', {
        method: 'POST',
        body: file.slice(0, file.size, STUDIO_FILE),
        patienceMs: 600_000,
      }),
    onSuccess: () => client.invalidateQueries({ queryKey: copiesKey }),
  });
}

/** What putting a copy back would change. */
export const useCopyLook = (name: string) =>
  useQuery({
    queryKey: [...copiesKey, name],
    queryFn: () => call<CopyLook>(`${copyUrl(name)}/look`),
    staleTime: 0,
    gcTime: 0,
  });

/** Puts a copy in the place of the studio as it is, which is kept as a copy itself. */
export function usePutCopyBack() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (name: string) => call<CopyLook>(`${copyUrl(name)}/back`, { method: 'POST' }),
    onSuccess: async () => {
      readRunsAnew();
      // Nothing of what was shown before holds any more.
      await client.invalidateQueries();
    },
  });
}
