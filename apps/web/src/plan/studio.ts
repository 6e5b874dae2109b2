import type { ShelfPaint } from '@potter/contract';
import type { Studio } from '@potter/core/plan';

/** What the brief may know of the studio: today, and what the paints on the shelf cost. */
export function studioOf(shelf: readonly ShelfPaint[], now: Date): Studio {
  const pad = (n: number) => String(n).padStart(2, '0');
  return {
    today: `${now.getFullYear()}-${pad(now.getMonth() + 1)}-${pad(now.getDate())}`,
    prices: Object.fromEntries(
      shelf.flatMap(({ paint, price, sizeMl }) =>
        price !== undefined && sizeMl !== undefined ? [[paint.id, { price, ml: sizeMl }]] : [],
      ),
    ),
  };
}
