import type { WeighStep } from '../../mix/weigh';
import type { Take } from '../../verb';
import type { Studio } from '../document/studio';

export interface Cost {
  readonly paint: number;
  readonly medium: number;
  readonly surface: number;
  readonly finish: number;
  readonly total: number;
  /** One piece of a set. */
  readonly perPiece: number;
  readonly currency: string;
  /** Ids that have no price, so that the total is known to be too low. */
  readonly unpriced: readonly string[];
}

/** Cost of all pieces from what is weighed, and the finishing products its moves take. Water costs nothing. */
export function costOf(
  steps: readonly WeighStep[],
  isPaint: (id: string) => boolean,
  takes: readonly Take[],
  pieces: number,
  studio: Studio,
): Cost {
  const unpriced = new Set<string>();
  const price = (id: string, g: number, ml: number): number => {
    const entry = studio.prices?.[id];
    if (!entry) {
      if (id !== 'water') unpriced.add(id);
      return 0;
    }
    return entry.g !== undefined
      ? (entry.price * g) / entry.g
      : entry.ml !== undefined
        ? (entry.price * ml) / entry.ml
        : 0;
  };
  const sum = (wanted: readonly WeighStep[]) =>
    wanted.reduce((total, s) => total + price(s.material, s.g, s.ml), 0);
  const paint = sum(steps.filter((s) => isPaint(s.material)));
  const medium = sum(steps.filter((s) => !isPaint(s.material)));
  const surface = (studio.surfacePrice ?? 0) * pieces;
  const finish = takes.reduce(
    (total, { product, g, ml }) => total + (product === undefined ? 0 : price(product, g, ml)),
    0,
  );
  const total = paint + medium + surface + finish;
  return {
    paint,
    medium,
    surface,
    finish,
    total,
    perPiece: total / pieces,
    currency: studio.currency ?? 'EUR',
    unpriced: [...unpriced],
  };
}
