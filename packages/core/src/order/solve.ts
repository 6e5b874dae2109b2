/** Above this many states an answer would take seconds; ask with fewer layers. */
const MOST_STATES = 2_000_000;

/** The border of a cup with what faces it lies above no layer of its own, and counts whole. */
const OUTSIDE = Infinity;

export interface OrderTask {
  /** How often each colour occurs. */
  readonly counts: readonly number[];
  /** score[i][j] of colour j lying on colour i, higher is better; −∞ where they may never touch. */
  readonly score: readonly (readonly number[])[];
  /** Colour that must go in first, and last. */
  readonly first?: number;
  readonly last?: number;
  /** So many other layers lie between a colour and its repeat, 1 or more. */
  readonly spacing?: number;
  /** How much the border above each layer counts in the total, bottom to top; all alike where it says nothing. */
  readonly lengths?: readonly number[];
  /** One end of the cup has neighbours of its own outside it. */
  readonly facing?: Facing;
}

/** What each colour scores at the end of a cup that another's faces: a border like any other, and as long as the longest. */
export interface Facing {
  readonly end: 'first' | 'last';
  readonly score: readonly number[];
}

export interface OrderFound {
  readonly order: readonly number[];
  /** Score of the worst neighbours; ∞ for a single layer. */
  readonly weakest: number;
  readonly total: number;
}

/**
 * The order whose worst neighbours are best, and among those the one with the highest total: exact dynamic
 * programming over remaining counts (multiset form of Held and Karp 1962), once for the worst pair and once for the total among orders without a worse one.
 * A state is what has gone in and the last `spacing` colours of it.
 * @returns undefined where no order keeps to what is asked; throws a RangeError above two million states
 */
export function solveOrder(task: OrderTask): OrderFound | undefined {
  const layout = layOut(task);
  if (layout.length === 0) return { order: [], weakest: Infinity, total: 0 };
  const worst = walk(task, layout, Infinity, (path, step) => Math.min(path, step), -Infinity);
  if (!worst) return undefined;
  const { lengths, facing } = task;
  const counted = (path: number, step: number, placed: number) =>
    path + step * (lengths?.[placed - 1] ?? 1);
  const order = walk(task, layout, 0, counted, worst.value)!.order;
  return { order, weakest: worst.value, total: totalOf(order, task.score, lengths, facing) };
}

/** The scores of an order's neighbours, each by how much its border counts. */
export const totalOf = (
  order: readonly number[],
  score: OrderTask['score'],
  lengths?: readonly number[],
  facing?: Facing,
): number =>
  order
    .slice(1)
    .reduce(
      (sum, c, i) => sum + score[order[i]!]![c]! * (lengths?.[i] ?? 1),
      facedScore(order, facing) ?? 0,
    );

/** What the end of an order scores with what faces it; undefined where nothing does. */
export const facedScore = (order: readonly number[], facing?: Facing): number | undefined =>
  facing && facing.score[order.at(facing.end === 'last' ? -1 : 0)!];

/** How states are numbered: code of what is used × tails + tail, where a tail is the last colours, newest in the lowest digit. */
interface Layout {
  readonly length: number;
  /** What one more layer of a colour adds to the code. */
  readonly radix: readonly number[];
  readonly codes: number;
  /** Digits of a tail count colours, and "none yet" where it is longer than one. */
  readonly base: number;
  readonly tails: number;
}

function layOut({ counts, spacing = 1 }: OrderTask): Layout {
  const radix: number[] = [];
  let codes = 1;
  for (const c of counts) {
    radix.push(codes);
    codes *= c + 1;
  }
  const base = spacing > 1 ? counts.length + 1 : counts.length;
  const tails = base ** spacing;
  if (codes * tails > MOST_STATES)
    throw new RangeError(
      `too many orders to weigh (${codes * tails} states): use fewer layers or less spacing`,
    );
  return { length: counts.reduce((sum, c) => sum + c, 0), radix, codes, base, tails };
}

/**
 * The best way through all states.
 * @param start value of a single layer
 * @param join value of a path that is longer by one step, on so many layers
 * @param threshold steps that score less are not gone
 */
function walk(
  { counts, score, first, last, spacing = 1, facing }: OrderTask,
  { length, radix, codes, base, tails }: Layout,
  start: number,
  join: (path: number, step: number, placed: number) => number,
  threshold: number,
): { readonly order: number[]; readonly value: number } | undefined {
  const n = counts.length;
  const value = new Float64Array(codes * tails).fill(-Infinity);
  // Which colour fell off the end of the tail on the way here; −1 where nothing came.
  const dropped = new Int8Array(codes * tails).fill(-1);
  const newest = tails / base;
  // A tail of which only the newest colour is known has "none yet" in every other digit.
  const noneYet = newest - 1;
  for (let c = 0; c < n; c++) {
    const fits =
      (first === undefined || first === c) && (length > 1 || last === undefined || last === c);
    if (counts[c]! === 0 || !fits) continue;
    const at = radix[c]! * tails + c + noneYet * base;
    const faced = facing && (facing.end === 'first' || length === 1) ? facing.score[c]! : Infinity;
    if (faced === Infinity) value[at] = start;
    else if (faced > -Infinity && faced >= threshold) value[at] = join(start, faced, OUTSIDE);
  }
  const used = new Int32Array(n);
  // Adding a layer only ever raises the code, so rising order visits every state after those it comes from.
  for (let code = 1; code < codes; code++) {
    let placed = 0;
    for (let c = 0; c < n; c++) {
      used[c] = Math.floor(code / radix[c]!) % (counts[c]! + 1);
      placed += used[c]!;
    }
    for (let tail = 0; tail < tails; tail++) {
      const here = value[code * tails + tail]!;
      if (here === -Infinity) continue;
      const top = tail % base;
      for (let next = 0; next < n; next++) {
        if (used[next]! >= counts[next]! || holds(tail, next, base, spacing)) continue;
        if (placed + 1 === length && last !== undefined && last !== next) continue;
        const step = score[top]![next]!;
        if (step === -Infinity || step < threshold) continue;
        const faced =
          facing?.end === 'last' && placed + 1 === length ? facing.score[next]! : Infinity;
        if (faced === -Infinity || faced < threshold) continue;
        const at = (code + radix[next]!) * tails + next + base * (tail % newest);
        const above = join(here, step, placed);
        const there = faced === Infinity ? above : join(above, faced, OUTSIDE);
        if (there > value[at]!) {
          value[at] = there;
          dropped[at] = Math.floor(tail / newest);
        }
      }
    }
  }
  const whole = (codes - 1) * tails;
  let end = -1;
  for (let tail = 0; tail < tails; tail++) {
    const v = value[whole + tail]!;
    if (v > -Infinity && (end < 0 || v > value[whole + end]!)) end = tail;
  }
  if (end < 0) return undefined;
  const order: number[] = [];
  for (let code = codes - 1, tail = end; code > 0;) {
    const c = tail % base;
    order.unshift(c);
    tail = Math.floor(tail / base) + newest * Math.max(0, dropped[code * tails + tail]!);
    code -= radix[c]!;
  }
  return { order, value: value[whole + end]! };
}

/** Whether a colour is among those of a tail of so many digits. */
function holds(tail: number, colour: number, base: number, digits: number): boolean {
  let rest = tail;
  for (let i = 0; i < digits; i++) {
    if (rest % base === colour) return true;
    rest = Math.floor(rest / base);
  }
  return false;
}
