import {
  type Asked,
  type AskedCost,
  type CupOrder,
  type NoOrder,
  ORDER_SCHOOLS,
} from '@potter/core/order';

type NameOf = (colour: number) => string;

/** What was asked, as a clause. */
export function askedWords(asked: Asked, nameOf: NameOf): string {
  switch (asked.kind) {
    case 'first':
      return `${nameOf(asked.colour)} first`;
    case 'last':
      return `${nameOf(asked.colour)} last`;
    case 'same-ends':
      return 'The same first and last';
    case 'facing':
      return 'Another colour than the cups beside it';
    case 'apart':
      return `${nameOf(asked.pair[0])} and ${nameOf(asked.pair[1])} apart`;
    case 'spacing':
      return `${asked.layers} layers between repeats`;
  }
}

/** All that is asked of the orders of a plan, in one line. */
export function wishWords(
  { school, first, last, sameEnds, spacing, separator, facing, apart = [] }: CupOrder,
  nameOf: (mix: string) => string,
): string {
  return [
    ORDER_SCHOOLS[school].name,
    ...(first === undefined ? [] : [`${nameOf(first)} first`]),
    ...(last === undefined ? [] : [`${nameOf(last)} last`]),
    ...(sameEnds ? ['the same first and last'] : []),
    ...(spacing === undefined ? [] : [`${spacing} layers between repeats`]),
    ...(separator === undefined ? [] : [`${nameOf(separator)} between`]),
    ...(facing ? ['cups that meet differ'] : []),
    ...apart.map(({ a, b }) => `${nameOf(a)} and ${nameOf(b)} apart`),
  ].join('; ');
}

/** Below this a cost is not worth a word. */
const SEEN = 0.01;

/** What a wish costs, in a hundredth of a score. */
export function costWords({ asked, weakest, mean }: AskedCost, nameOf: NameOf): string {
  const what = askedWords(asked, nameOf);
  if (weakest >= SEEN)
    return `${what} costs the weakest seam ${Math.round(weakest * 100)} of 100 in contrast.`;
  if (mean >= SEEN) return `${what} costs ${Math.round(mean * 100)} of 100 on average.`;
  return `${what} costs nothing.`;
}

/** Why there is no order, and how to mend it. */
export function noneWords(none: NoOrder, nameOf: NameOf): string {
  switch (none.kind) {
    case 'too-often':
      return `${nameOf(none.colour)} goes in too often to be kept from itself: take one of its layers out, or ask for less between repeats.`;
    case 'isolated':
      return `${nameOf(none.colour)} is kept apart from every other colour: let it touch one, or set a colour between.`;
    case 'ends-differ':
      return 'First and last are different colours, and the same is asked at both ends: give up one of the three.';
    case 'drop':
      return `It cannot be done with "${askedWords(none.asked, nameOf)}": without that there is an order.`;
    case 'together':
      return 'What is asked contradicts itself in more than one place: give up one wish after the other.';
  }
}
