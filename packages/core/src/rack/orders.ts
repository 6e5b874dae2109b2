import { datesOf } from './dated';
import type { Piece } from './piece';
import type { House } from '../schedule/house';

type Product = NonNullable<Piece['coats']>[number]['product'];

/** A top coat that is not on the shelf when it is wanted. */
export interface Order {
  readonly product: Product;
  /** What is missing for all pieces that want it, mL. */
  readonly ml: number;
  /** The last moment to order it, minutes as in `minutes.ts`. */
  readonly by: number;
  /** The first piece that goes without, and when it wants it. */
  readonly piece: Piece;
  readonly wanted: number;
}

/** What has to be ordered, and by when, so that no coat waits for it: the shelf serves the soonest first. */
export function ordersOf(
  pieces: readonly Piece[],
  stock: Readonly<Record<Product, number>>,
  house: House,
): Order[] {
  const wants = pieces.flatMap((piece) => {
    const wanted = datesOf(piece, house).find(({ act }) => act === 'stage')?.from;
    return wanted === undefined
      ? []
      : (piece.coats ?? []).map(({ product, ml }) => ({ piece, product, ml, wanted }));
  });
  return (['resin', 'varnish'] as const).flatMap((product): Order[] => {
    let left = stock[product];
    let first: (typeof wants)[number] | undefined;
    for (const want of wants
      .filter((w) => w.product === product)
      .sort((a, b) => a.wanted - b.wanted)) {
      left -= want.ml;
      if (left < 0) first ??= want;
    }
    return first
      ? [
          {
            product,
            ml: -left,
            by: first.wanted - house.orderDays * 1440,
            piece: first.piece,
            wanted: first.wanted,
          },
        ]
      : [];
  });
}
