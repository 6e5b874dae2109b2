import { arrange, type Arranged, type OrderWish, scores } from './arrange';

/** One thing that was asked of an order. */
export type Asked =
  | { readonly kind: 'first' | 'last'; readonly colour: number }
  | { readonly kind: 'same-ends' | 'facing' }
  | { readonly kind: 'apart'; readonly pair: readonly [number, number] }
  | { readonly kind: 'spacing'; readonly layers: number };

/** What one wish costs: how much better the worst neighbours, and all on average, would be without it. */
export interface AskedCost {
  readonly asked: Asked;
  readonly weakest: number;
  readonly mean: number;
}

/** The cost of each wish of an order: the best order without it, less the best with it, never below nothing. */
export function costsOf(
  hexes: readonly string[],
  counts: readonly number[],
  wish: OrderWish,
  { layers, weakest, mean }: Arranged,
): AskedCost[] {
  if (layers.length < 2) return [];
  return askedOf(wish).flatMap(({ asked, without }) => {
    const free = arrange(hexes, counts, without);
    return free
      ? [
          {
            asked,
            weakest: Math.max(0, free.weakest - weakest),
            mean: Math.max(0, free.mean - mean),
          },
        ]
      : [];
  });
}

function askedOf(wish: OrderWish): { readonly asked: Asked; readonly without: OrderWish }[] {
  const { first, last, sameEnds, apart = [], spacing = 1 } = wish;
  const { first: _f, ...withoutFirst } = wish;
  const { last: _l, ...withoutLast } = wish;
  const { sameEnds: _s, ...withoutSame } = wish;
  const { spacing: _n, ...withoutSpacing } = wish;
  const { facing, ...withoutFacing } = wish;
  return [
    ...(first === undefined
      ? []
      : [{ asked: { kind: 'first', colour: first } as const, without: withoutFirst }]),
    ...(last === undefined
      ? []
      : [{ asked: { kind: 'last', colour: last } as const, without: withoutLast }]),
    ...(sameEnds ? [{ asked: { kind: 'same-ends' } as const, without: withoutSame }] : []),
    ...apart.map((pair) => ({
      asked: { kind: 'apart', pair } as const,
      without: { ...wish, apart: apart.filter((p) => p !== pair) },
    })),
    ...(spacing > 1
      ? [{ asked: { kind: 'spacing', layers: spacing } as const, without: withoutSpacing }]
      : []),
    ...(facing ? [{ asked: { kind: 'facing' } as const, without: withoutFacing }] : []),
  ];
}

/** Why no order keeps to what is asked. */
export type NoOrder =
  | { readonly kind: 'too-often'; readonly colour: number }
  | { readonly kind: 'isolated'; readonly colour: number }
  | { readonly kind: 'ends-differ' }
  | { readonly kind: 'drop'; readonly asked: Asked }
  | { readonly kind: 'together' };

/**
 * Why `arrange` found none: a colour too often, a colour barred from all others, ends that contradict each other, one wish that is one too many,
 * or all of them together.
 */
export function whyNone(
  hexes: readonly string[],
  counts: readonly number[],
  wish: OrderWish,
): NoOrder {
  const { first, last, sameEnds, spacing = 1 } = wish;
  const length = counts.reduce((sum, c) => sum + c, 0);
  if (sameEnds && first !== undefined && last !== undefined && first !== last)
    return { kind: 'ends-differ' };
  // Between n of a colour lie at least n − 1 times the spacing.
  const often = counts.findIndex((n) => n > 1 && n + (n - 1) * spacing > length);
  if (often >= 0) return { kind: 'too-often', colour: often };
  const { score } = scores(hexes, wish);
  const lonely = counts.findIndex(
    (n, c) =>
      n > 0 &&
      length > n &&
      counts.every(
        (m, d) => m === 0 || c === d || (score[c]![d] === -Infinity && score[d]![c] === -Infinity),
      ),
  );
  if (lonely >= 0) return { kind: 'isolated', colour: lonely };
  for (const { asked, without } of askedOf(wish))
    if (arrange(hexes, counts, without)) return { kind: 'drop', asked };
  return { kind: 'together' };
}
