import type { ShelfPaint, ShelfPaintList } from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

const paintsKey = ['paints'] as const;

export const useShelf = () =>
  useQuery({
    queryKey: paintsKey,
    queryFn: () => call<ShelfPaintList>('/api/paints').then((list) => list.paints),
  });

export function usePutPaint() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (entry: ShelfPaint) =>
      call<ShelfPaint>(`/api/paints/${encodeURIComponent(entry.paint.id)}`, {
        method: 'PUT',
        body: entry,
      }),
    onSuccess: () => client.invalidateQueries({ queryKey: paintsKey }),
  });
}

export function useDeletePaint() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => call(`/api/paints/${encodeURIComponent(id)}`, { method: 'DELETE' }),
    onSuccess: () => client.invalidateQueries({ queryKey: paintsKey }),
  });
}
