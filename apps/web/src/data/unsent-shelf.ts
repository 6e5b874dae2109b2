import { type ShelfItem, shelfId } from '@potter/core/stock';
import type { Letter } from './outbox/letter';
import { TABLE_OFF } from './outbox/letters';

type Change = Pick<Letter, 'about' | 'method' | 'path' | 'body' | 'refused'>;

/** Whether a letter changes the shelf. */
export const isOfShelf = ({ about }: Change): boolean => /^(shelf|table)\./.test(about);

const keyOf = (item: ShelfItem): string => `${item.kind} ${shelfId(item)}`;

/** The shelf with letters the studio does not have yet; what it refused is not on it. */
export const withUnsent = (
  items: readonly ShelfItem[],
  letters: readonly Change[],
): readonly ShelfItem[] =>
  letters.reduce(
    (shelf, letter) =>
      isOfShelf(letter) && letter.refused === undefined ? withLetter(shelf, letter) : shelf,
    items,
  );

/** The shelf once a letter has arrived: things changed in their place, new ones behind the last, others gone. */
export function withLetter(items: readonly ShelfItem[], letter: Change): readonly ShelfItem[] {
  const { method, path, body, about } = letter;
  if (method === 'DELETE')
    return items.filter((item) => `shelf.${item.kind}.${shelfId(item)}` !== about);
  const named = method === 'POST' ? (body as { items: ShelfItem[] }).items : [body as ShelfItem];
  const byKey = new Map(named.map((item) => [keyOf(item), item]));
  if (path === TABLE_OFF) return items.filter((item) => !byKey.has(keyOf(item)));
  const known = new Set(items.map(keyOf));
  return [
    ...items.map((item) => byKey.get(keyOf(item)) ?? item),
    ...named.filter((item) => !known.has(keyOf(item))),
  ];
}
