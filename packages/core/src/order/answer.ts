import { arrange, type Arranged, type OrderWish, upsideDown } from './arrange';
import { othersThan } from './others';
import { type AskedCost, costsOf, type NoOrder, whyNone } from './explain';

/** The colours of a cup and what is asked of their order; plain data, so that a worker can be asked. */
export interface OrderAsk {
  readonly hexes: readonly string[];
  readonly counts: readonly number[];
  readonly wish: OrderWish;
}

export type OrderAnswer =
  | {
      readonly found: Arranged;
      /** What each wish costs. */
      readonly costs: readonly AskedCost[];
      /** The next best orders. */
      readonly others: readonly Arranged[];
      /** The best turned upside down, where that may be. */
      readonly turned?: Arranged;
    }
  | { readonly none: NoOrder }
  | { readonly tooMany: true };

/** The best order with what each wish costs and what comes next, or why there is none. */
export function answerOrder({ hexes, counts, wish }: OrderAsk): OrderAnswer {
  try {
    const found = arrange(hexes, counts, wish);
    const turned = found && upsideDown(found, hexes, wish);
    return found
      ? {
          found,
          ...(turned ? { turned } : {}),
          costs: costsOf(hexes, counts, wish, found),
          others: othersThan(found, hexes, counts, wish),
        }
      : { none: whyNone(hexes, counts, wish) };
  } catch (error) {
    if (error instanceof RangeError) return { tooMany: true };
    throw error;
  }
}
