import type { Studio } from '../plan/document/studio';
import type { Surface } from '../surface/schema';
import type { ShelfItem } from './schema';
import { blankFor } from './shopping';
import { shelfId } from './shelf-item';

/** What the shelf says things cost, as a brief reads it: by paint, material and medium id, by finishing product, and the blank. */
export function pricesOf(
  shelf: readonly ShelfItem[],
  surface?: Surface,
): Pick<Studio, 'prices' | 'surfacePrice'> {
  const prices = Object.fromEntries(
    shelf.flatMap((item) =>
      'sizeMl' in item && item.price !== undefined && item.sizeMl !== undefined
        ? [
            [
              item.kind === 'finish' ? item.product : shelfId(item),
              { price: item.price, ml: item.sizeMl },
            ],
          ]
        : [],
    ),
  );
  const blank = surface && blankFor(surface, shelf)?.price;
  return { prices, ...(blank === undefined ? {} : { surfacePrice: blank }) };
}
