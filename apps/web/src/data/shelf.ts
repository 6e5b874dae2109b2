import {
  type Shelf,
  type ShelfItem,
  type ShelfMaterial,
  type ShelfMedium,
  type ShelfPaint,
  type ShelfVessel,
  shelfId,
} from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

const shelfKey = ['shelf'] as const;
const NOTHING: readonly ShelfItem[] = [];

export const useShelf = () =>
  useQuery({
    queryKey: shelfKey,
    queryFn: () => call<Shelf>('/api/shelf').then((s): readonly ShelfItem[] => s.items),
  });

const of = <T extends ShelfItem>(kind: T['kind']) =>
  function useOfKind(): readonly T[] {
    return (useShelf().data ?? NOTHING).filter((item): item is T => item.kind === kind);
  };

export const usePaints = of<ShelfPaint>('paint');
export const useMaterials = of<ShelfMaterial>('material');
export const useMediums = of<ShelfMedium>('medium');
export const useVessels = of<ShelfVessel>('vessel');

const pathOf = (item: ShelfItem): string =>
  `/api/shelf/${item.kind}/${encodeURIComponent(shelfId(item))}`;

export function usePutOnShelf() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (item: ShelfItem) => call<ShelfItem>(pathOf(item), { method: 'PUT', body: item }),
    onSuccess: () => client.invalidateQueries({ queryKey: shelfKey }),
  });
}

export function useTakeOffShelf() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (item: ShelfItem) => call(pathOf(item), { method: 'DELETE' }),
    onSuccess: () => client.invalidateQueries({ queryKey: shelfKey }),
  });
}
