import type { Shelf } from '@potter/contract';
import { formerOf } from '@potter/contract/change';
import {
  type ShelfItem,
  type ShelfJar,
  type ShelfMaterial,
  type ShelfMedium,
  type ShelfPaint,
  type ShelfSurface,
  type ShelfVessel,
} from '@potter/core/stock';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect } from 'react';
import { call } from './api';
import { offShelfLetter, shelfLetter, TABLE_OFF, TABLE_ON, tableLetter } from './outbox/letters';
import { onAnswer, onRefusal, post, useUnsent } from './outbox/outbox';
import { isOfShelf, withLetter, withUnsent } from './unsent-shelf';

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

/** What stands on the shelf, with what this device changed and the studio does not have yet. */
export function useShelf() {
  const unsent = useUnsent();
  return useWhole(useCallback((shelf: Shelf) => withUnsent(shelf.items, unsent), [unsent]));
}
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

/** Has the list take over what the studio answers to a change of it; mounted once, at the root. */
export function useShelfAnswers(): void {
  const client = useQueryClient();
  useEffect(
    () =>
      onAnswer((letter, answer) => {
        if (!isOfShelf(letter)) return;
        client.setQueryData<Shelf>(
          shelfKey,
          (shelf) =>
            shelf && {
              ...shelf,
              items: withLetter(
                shelf.items,
                letter.method === 'PUT' ? { ...letter, body: answer } : letter,
              ) as ShelfItem[],
            },
        );
      }),
    [client],
  );
  useEffect(
    () =>
      onRefusal((letter) => {
        if (isOfShelf(letter)) void client.invalidateQueries({ queryKey: shelfKey });
      }),
    [client],
  );
}

/**
 * Puts a thing on the shelf: it holds at once, and goes to the studio by itself.
 * @param from it as it was where it was changed from: what is untouched goes on as the studio has it
 */
export function putOnShelf(item: ShelfItem, from?: ShelfItem): void {
  void post(shelfLetter(item, from && formerOf(from, item)));
}

export function takeOffShelf(item: ShelfItem): void {
  void post(offShelfLetter(item));
}

/** Puts a whole table of things on the shelf, all or none. */
export function putTable(items: readonly ShelfItem[]): void {
  if (items.length > 0) void post(tableLetter(TABLE_ON, items));
}

/** Takes a whole table of things off the shelf, all or none. */
export function takeTableOff(items: readonly ShelfItem[]): void {
  if (items.length > 0) void post(tableLetter(TABLE_OFF, items));
}
