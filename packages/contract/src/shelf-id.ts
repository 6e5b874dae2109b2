import type { ShelfItem } from './schemas';

export type ShelfKind = ShelfItem['kind'];

/** The id a thing on the shelf goes by, unique among its kind. */
export function shelfId(item: ShelfItem): string {
  switch (item.kind) {
    case 'paint':
      return item.paint.id;
    case 'material':
      return item.material.id;
    case 'medium':
      return item.medium.id;
    case 'vessel':
      return item.id;
  }
}
