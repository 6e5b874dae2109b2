import { type ShelfItem, shelfId } from '@potter/contract';
import type { Studio } from '@potter/core/plan';

/** What the brief may know of the studio: today, and what the paints on the shelf cost. */
export function studioOf(shelf: readonly ShelfItem[], now: Date): Studio {
  const pad = (n: number) => String(n).padStart(2, '0');
  return {
    today: `${now.getFullYear()}-${pad(now.getMonth() + 1)}-${pad(now.getDate())}`,
    prices: Object.fromEntries(
      shelf.flatMap((item) =>
        'price' in item && item.price !== undefined && item.sizeMl !== undefined
          ? [[shelfId(item), { price: item.price, ml: item.sizeMl }]]
          : [],
      ),
    ),
  };
}
