/** Above this many states an answer would take seconds; ask with fewer rounds. */
const MOST_STATES = 2_000_000;

export interface OrderTask {
  /** How often each colour occurs. */
  readonly counts: readonly number[];
  /** score[i][j] of colour i beside colour j, symmetric, higher is better. */
  readonly score: readonly (readonly number[])[];
  /** Colour that must come first, and last. */
  readonly first?: number;
  readonly last?: number;
}

export interface OrderFound {
  readonly order: readonly number[];
  /** Score of the worst neighbours. */
  readonly weakest: number;
  readonly total: number;
}

/**
 * The order whose worst neighbours are best, and among those the one with the highest total: exact dynamic
 * programming over remaining counts (multiset form of Held and Karp 1962), once for each threshold of a binary
 * search on the distinct scores. The same colour never follows itself.
 * @returns undefined where no order keeps to the pins; throws a RangeError above two million states
 */
export function solveOrder(task: OrderTask): OrderFound | undefined {
  const { counts } = task;
  const states = counts.length * counts.reduce((product, c) => product * (c + 1), 1);
  if (states > MOST_STATES)
    throw new RangeError(`too many orders to weigh (${states} states): use fewer rounds`);
  const length = counts.reduce((sum, c) => sum + c, 0);
  if (length === 0) return { order: [], weakest: Infinity, total: 0 };
  const scores = [...new Set(task.score.flatMap((row, i) => row.filter((_, j) => j !== i)))].sort(
    (a, b) => a - b,
  );
  let best = longestPath(task, -Infinity);
  if (!best) return undefined;
  let low = 0;
  let high = scores.length - 1;
  while (low <= high) {
    const middle = (low + high) >> 1;
    const found = longestPath(task, scores[middle] ?? 0);
    if (found) {
      best = found;
      low = middle + 1;
    } else high = middle - 1;
  }
  return best;
}

/** Best total using only neighbours of at least `threshold`. State index = used-counts code × n + last colour. */
function longestPath(
  { counts, score, first, last }: OrderTask,
  threshold: number,
): OrderFound | undefined {
  const n = counts.length;
  const radix: number[] = [];
  let codes = 1;
  for (const c of counts) {
    radix.push(codes);
    codes *= c + 1;
  }
  const length = counts.reduce((sum, c) => sum + c, 0);
  const total = new Float64Array(codes * n).fill(-Infinity);
  const from = new Int8Array(codes * n).fill(-1);
  const used = (code: number, colour: number) =>
    Math.floor(code / (radix[colour] as number)) % ((counts[colour] as number) + 1);
  for (let c = 0; c < n; c++) {
    const fits =
      (first === undefined || first === c) && (length > 1 || last === undefined || last === c);
    if ((counts[c] as number) > 0 && fits) total[(radix[c] as number) * n + c] = 0;
  }
  // Adding a layer only ever raises the code, so rising order visits every state after those it comes from.
  for (let code = 1; code < codes; code++) {
    let placed = -1;
    for (let c = 0; c < n; c++) {
      const here = total[code * n + c] as number;
      if (here === -Infinity) continue;
      if (placed < 0) {
        placed = 0;
        for (let k = 0; k < n; k++) placed += used(code, k);
      }
      for (let next = 0; next < n; next++) {
        if (next === c || used(code, next) >= (counts[next] as number)) continue;
        if (placed + 1 === length && last !== undefined && last !== next) continue;
        const step = score[c]?.[next] ?? 0;
        if (step < threshold) continue;
        const at = (code + (radix[next] as number)) * n + next;
        if (here + step > (total[at] as number)) {
          total[at] = here + step;
          from[at] = c;
        }
      }
    }
  }
  let end = -1;
  for (let c = 0; c < n; c++) {
    const t = total[(codes - 1) * n + c] as number;
    if (t > -Infinity && (end < 0 || t > (total[(codes - 1) * n + end] as number))) end = c;
  }
  if (end < 0) return undefined;
  const order: number[] = [];
  for (let code = codes - 1, c = end; c >= 0;) {
    order.unshift(c);
    const before = from[code * n + c] as number;
    code -= radix[c] as number;
    c = before;
  }
  const steps = order.slice(1).map((c, i) => score[order[i] as number]?.[c] ?? 0);
  return {
    order,
    weakest: Math.min(Infinity, ...steps),
    total: steps.reduce((sum, s) => sum + s, 0),
  };
}
