import type { Shelf } from '@potter/contract';
import {
  type ShelfItem,
  type ShelfJar,
  type ShelfMaterial,
  type ShelfMedium,
  type ShelfPaint,
  type ShelfSurface,
  type ShelfVessel,
  shelfId,
} from '@potter/core/stock';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

export const shelfKey = ['shelf'] as const;
const NOTHING: readonly ShelfItem[] = [];

const useWhole = <T>(select: (shelf: Shelf) => T) =>
  useQuery({
    queryKey: shelfKey,
    queryFn: () => call<Shelf>('/api/shelf'),
    select,
    // Holding thousands of things against thousands of others, one by one, would hold up the screen.
    structuralSharing: false,
  });

export const useShelf = () => useWhole(itemsOf);
const itemsOf = (shelf: Shelf): readonly ShelfItem[] => shelf.items;

/** Things that are in the studio's file and cannot be shown. */
export const useShelfApart = () => useWhole(apartOf).data;
const apartOf = (shelf: Shelf) => shelf.apart;

const of = <T extends ShelfItem>(kind: T['kind']) =>
  function useOfKind(): readonly T[] {
    return (useShelf().data ?? NOTHING).filter((item): item is T => item.kind === kind);
  };

export const usePaints = of<ShelfPaint>('paint');
export const useMaterials = of<ShelfMaterial>('material');
export const useMediums = of<ShelfMedium>('medium');
export const useVessels = of<ShelfVessel>('vessel');
export const useBlanks = of<ShelfSurface>('surface');
export const useJars = of<ShelfJar>('jar');

const pathOf = (item: ShelfItem): string =>
  `/api/shelf/${item.kind}/${encodeURIComponent(shelfId(item))}`;

export function usePutOnShelf() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (item: ShelfItem) => call<ShelfItem>(pathOf(item), { method: 'PUT', body: item }),
    onSuccess: () => client.invalidateQueries({ queryKey: shelfKey }),
  });
}

/** Puts a whole table of things on the shelf, all or none. */
export function usePutTable() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (items: readonly ShelfItem[]) =>
      call('/api/shelf', { method: 'POST', body: { items } }),
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

/** Undoes a table: what it added goes, what it changed comes back as it was. */
export function useTakeMany() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({
      gone,
      back,
    }: {
      readonly gone: readonly ShelfItem[];
      readonly back: readonly ShelfItem[];
    }) => {
      if (back.length > 0) await call('/api/shelf', { method: 'POST', body: { items: back } });
      if (gone.length > 0) await call('/api/shelf/off', { method: 'POST', body: { items: gone } });
    },
    onSettled: () => client.invalidateQueries({ queryKey: shelfKey }),
  });
}
