import type { Need } from './need';
import type { ShelfItem } from './schema';
import { sameBlank, together } from './shopping';
import { shelfId } from './shelf-item';

/** One thing on the shelf as it was, and as it is once a pour has drawn on it. */
export interface Drawn {
  readonly kind: ShelfItem['kind'];
  readonly id: string;
  /** mL or pieces taken; never more than there was. */
  readonly taken: number;
}

/**
 * What a pour takes off the shelf: paints, materials and finishing products by volume, blanks by the piece. Cups stay: they are washed or
 * were counted when they were bought. What the shelf does not hold is not drawn, and nothing falls below nothing.
 */
export function drawOf(needs: readonly Need[], shelf: readonly ShelfItem[]): Drawn[] {
  const drawn: Drawn[] = [];
  for (const need of together(needs)) {
    let left = need.kind === 'surface' || need.kind === 'vessel' ? need.count : need.ml;
    for (const item of shelf) {
      if (left <= 0 || !serves(item, need)) continue;
      const held = heldOf(item);
      const taken = Math.min(left, held);
      if (taken <= 0) continue;
      drawn.push({ kind: item.kind, id: shelfId(item), taken: Number(taken.toFixed(3)) });
      left -= taken;
    }
  }
  return drawn;
}

function serves(item: ShelfItem, need: Need): boolean {
  switch (need.kind) {
    case 'vessel':
      return false;
    case 'surface':
      return item.kind === 'surface' && sameBlank(item, need.surface);
    case 'finish':
      return item.kind === 'finish' && item.product === need.id;
    default:
      return item.kind === need.kind && shelfId(item) === need.id;
  }
}

const heldOf = (item: ShelfItem): number =>
  'count' in item ? (item.count ?? 0) : 'stockMl' in item ? (item.stockMl ?? 0) : 0;

/** A thing on the shelf with so much taken off it, or put back where `taken` is negative. */
export function taken(item: ShelfItem, amount: number): ShelfItem {
  const left = Math.max(0, heldOf(item) - amount);
  if (item.kind === 'surface' || item.kind === 'vessel')
    return { ...item, count: Math.round(left) };
  if (item.kind === 'jar') return item;
  return { ...item, stockMl: Number(left.toFixed(3)) };
}
