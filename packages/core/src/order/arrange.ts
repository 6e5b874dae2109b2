import { dullsAll } from '../optics/dulls';
import { neighbours } from '../optics/neighbour';
import { borderLengths, type Lies } from './lengths';
import { ORDER_SCHOOLS, type OrderSchoolId } from './school';
import {
  facedScore,
  type Facing,
  type OrderFound,
  type OrderTask,
  solveOrder,
  totalOf,
} from './solve';

/** What an artist asks of an order; colours by their position among the hexes. */
export interface OrderWish {
  readonly school: OrderSchoolId;
  readonly first?: number;
  readonly last?: number;
  /** The same colour goes in first and last: a set one where `first` or `last` says so, else whichever is best. */
  readonly sameEnds?: boolean;
  /** Pairs that may never touch. */
  readonly apart?: readonly (readonly [number, number])[];
  /** A thin layer of this one goes between neighbours that get on badly. */
  readonly separator?: number;
  /** So many other layers lie between a colour and its repeat, 1 or more. */
  readonly spacing?: number;
  /** Where the layers come to lie: a longer border counts for more. */
  readonly lies?: Lies;
  /** Colours other cups turn to one end of this one: that end differs from all of them, and does well beside the worst. */
  readonly facing?: { readonly end: 'first' | 'last'; readonly colours: readonly number[] };
}

export interface Arranged {
  /** Bottom to top. A separator was not among the counts: it is one more, thin layer. */
  readonly layers: readonly { readonly colour: number; readonly separator?: true }[];
  /** A colour of which there was one layer, which now begins and ends the cup: half of it each. */
  readonly halved?: number;
  readonly weakest: number;
  /** Mean score of all neighbours, by how long their borders are. */
  readonly mean: number;
}

/** What an order is worth that has a dull dark at both ends: it is judged against all colours there, not only beside two (estimate). */
const DULL_ENDS = 0.5;

/** Neighbours that score less get a separator where there is one that does better: the limit of "weak" (science-colour, 3). */
const WEAK = 0.35;

/**
 * The best order of colours under a school, with all that is asked of it.
 * @param hexes masstone of each colour
 * @param counts how often each occurs
 * @returns undefined where no order keeps to it: `whyNone` says why; throws a RangeError where there are too many to weigh
 */
export function arrange(
  hexes: readonly string[],
  counts: readonly number[],
  wish: OrderWish,
): Arranged | undefined {
  const { score, bridged } = scores(hexes, wish);
  const facing = facingOf(hexes, wish);
  let best: Arranged | undefined;
  for (const ends of endings(counts, wish)) {
    const layers = ends.counts.reduce((sum, n) => sum + n, 0);
    const lengths = borderLengths(layers, wish.lies);
    const found = solveOrder({ ...ends, score, lengths, ...facing, ...spaced(wish) });
    if (!found) continue;
    const arranged = dulled(separated(found, bridged, wish, ends.halved), hexes);
    if (
      !best ||
      arranged.weakest > best.weakest ||
      (arranged.weakest === best.weakest && arranged.mean > best.mean)
    )
      best = arranged;
  }
  return best;
}

/**
 * An order turned upside down: the same neighbours, and another colour in the middle of the pour.
 * @returns undefined where that would be no other order, or what is to go in first or last forbids it
 */
export function upsideDown(
  { layers, halved }: Arranged,
  hexes: readonly string[],
  wish: OrderWish,
): Arranged | undefined {
  const was = layers.filter((l) => !l.separator).map((l) => l.colour);
  const order = [...was].reverse();
  if (wish.first !== undefined || wish.last !== undefined) return undefined;
  if (order.every((colour, i) => colour === was[i])) return undefined;
  const { score, bridged } = scores(hexes, wish);
  const { facing } = facingOf(hexes, wish);
  const weakest = Math.min(
    ...order.slice(1).map((colour, i) => score[order[i]!]![colour]!),
    facedScore(order, facing) ?? Infinity,
  );
  if (weakest === -Infinity) return undefined;
  const total = totalOf(order, score, borderLengths(order.length, wish.lies), facing);
  return dulled(separated({ order, weakest, total }, bridged, wish, halved), hexes);
}

/** An order as it is worth with what lies at its ends. */
function dulled(order: Arranged, hexes: readonly string[]): Arranged {
  const used = [...new Set(order.layers.map((l) => l.colour))];
  const dulls = (end: number) =>
    used.length > 2 &&
    dullsAll(
      hexes[end]!,
      used.filter((c) => c !== end).map((c) => hexes[c]!),
    );
  const [first, last] = [order.layers[0], order.layers.at(-1)];
  if (!first || !last || !dulls(first.colour) || !dulls(last.colour)) return order;
  return { ...order, weakest: order.weakest * DULL_ENDS, mean: order.mean * DULL_ENDS };
}

/** What each colour would score beside the worst of those that face it; none beside itself. */
function facingOf(
  hexes: readonly string[],
  { school, facing }: OrderWish,
): { readonly facing?: Facing } {
  if (!facing || facing.colours.length === 0) return {};
  const score = hexes.map((hex, colour) =>
    facing.colours.includes(colour)
      ? -Infinity
      : Math.min(...facing.colours.map((other) => ORDER_SCHOOLS[school].score(hexes[other]!, hex))),
  );
  return { facing: { end: facing.end, score } };
}

const spaced = ({ spacing }: OrderWish) => (spacing === undefined ? {} : { spacing });

/** Scores of all pairs as the school has them, with what may not touch and what a separator would lie between. */
export function scores(hexes: readonly string[], { school, apart = [], separator }: OrderWish) {
  const barred = (a: number, b: number) =>
    apart.some(([x, y]) => (x === a && y === b) || (x === b && y === a));
  const plain = hexes.map((below, a) =>
    hexes.map((above, b) => (barred(a, b) ? -Infinity : ORDER_SCHOOLS[school].score(below, above))),
  );
  const bridged = hexes.map(() => hexes.map(() => false));
  if (separator === undefined) return { score: plain, bridged };
  const isWeak = (a: number, b: number) =>
    plain[a]![b]! < WEAK || neighbours(hexes[a]!, hexes[b]!).mud >= 0.5;
  const score = plain.map((row, a) =>
    row.map((direct, b) => {
      if (a === b || a === separator || b === separator || !isWeak(a, b)) return direct;
      const through = Math.min(plain[a]![separator]!, plain[separator]![b]!);
      if (through <= direct) return direct;
      bridged[a]![b] = true;
      return through;
    }),
  );
  return { score, bridged };
}

type Ends = Pick<OrderTask, 'counts' | 'first' | 'last'> & { readonly halved?: number };

/** The ways to begin and end that are to be tried: one, or one for each colour that might stand at both ends. */
function endings(counts: readonly number[], { first, last, sameEnds }: OrderWish): Ends[] {
  const pins = {
    ...(first === undefined ? {} : { first }),
    ...(last === undefined ? {} : { last }),
  };
  const one = counts.filter((c) => c > 0).length < 2;
  const same = sameEnds === true || (first !== undefined && first === last);
  if (!same || one) return [{ counts, ...pins }];
  if (first !== undefined && last !== undefined && first !== last) return [];
  const candidates = counts.flatMap((n, c) =>
    n > 0 && (first ?? c) === c && (last ?? c) === c ? [c] : [],
  );
  return candidates.map((c): Ends => {
    const ends = { first: c, last: c };
    return counts[c]! > 1
      ? { counts, ...ends }
      : { counts: counts.map((n, i) => (i === c ? 2 : n)), ...ends, halved: c };
  });
}

function separated(
  { order, weakest, total }: OrderFound,
  bridged: readonly (readonly boolean[])[],
  { separator, lies, facing }: OrderWish,
  halved: number | undefined,
): Arranged {
  const counts = borderLengths(order.length, lies).reduce(
    (sum, length) => sum + length,
    facing && facing.colours.length > 0 ? 1 : 0,
  );
  return {
    layers: order.flatMap((colour, i): Arranged['layers'][number][] => {
      const below = order[i - 1];
      return below !== undefined && separator !== undefined && bridged[below]![colour]!
        ? [{ colour: separator, separator: true }, { colour }]
        : [{ colour }];
    }),
    ...(halved === undefined ? {} : { halved }),
    weakest,
    mean: order.length > 1 ? total / counts : 1,
  };
}
