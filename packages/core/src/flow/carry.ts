import type { Film } from './film';
import type { SweepLines } from './sweep-lines';

/** Keeps a cell with nothing in it from dividing by nothing, m. */
const NEXT_TO_NOTHING_M = 1e-12;

/**
 * Takes the lower film and the upper one's thickness along with what crossed the faces of a line in a sweep (`lines.crossed`, m), each from
 * the cell it leaves, with what is there afterwards: implicit, so that any step is stable. The lower film goes at its own pace and its
 * volume is kept; ln ν of the upper is a mean weighed by volume everywhere (Arrhenius), so it never leaves the range it was in.
 */
export function carryLine(
  { lower, lnNu, h }: Film,
  start: number,
  stride: number,
  n: number,
  { crossed, pace, upperWas, upper, right, ahead }: SweepLines,
): void {
  // By columns: what a cell keeps and gives is what it had and got. r is the lower film's share of what stands there now.
  for (let i = 0; i < n; i++) {
    const at = start + i * stride;
    const got = Math.max(crossed[i]!, 0);
    const gave = Math.max(crossed[i + 1]!, 0) - Math.min(crossed[i]!, 0);
    const fromLeft = i > 0 ? -got * pace[i - 1]! : 0;
    const fromRight = i < n - 1 ? Math.min(crossed[i + 1]!, 0) * pace[i + 1]! : 0;
    let pivot = h[at]! + pace[i]! * gave + NEXT_TO_NOTHING_M;
    let known = lower[at]!;
    if (i > 0) {
      pivot -= fromLeft * upper[i - 1]!;
      known -= fromLeft * right[i - 1]!;
    }
    upper[i] = fromRight / pivot;
    right[i] = known / pivot;
  }
  let beyond = 0;
  for (let i = n - 1; i >= 0; i--) {
    const at = start + i * stride;
    const share = right[i]! - upper[i]! * beyond;
    if (i < n - 1) {
      const over = crossed[i + 1]!;
      const took = over > 0 ? over * pace[i]! * share : over * pace[i + 1]! * beyond;
      const next = at + stride;
      lower[next] = Math.min(h[next]!, Math.max(0, lower[next]! + took));
      lower[at] = lower[at]! - took;
      // What of the upper film went over, for the second half.
      ahead[i + 1] = over - took;
    }
    beyond = share;
  }
  lower[start] = Math.min(h[start]!, Math.max(0, lower[start]!));
  ahead[0] = ahead[n] = 0;

  // By rows: what stands in a cell now is the mean of what was there and what came, each as it was.
  for (let i = 0; i < n; i++) {
    const at = start + i * stride;
    const fromLeft = Math.max(ahead[i]!, 0);
    const fromRight = -Math.min(ahead[i + 1]!, 0);
    let pivot = Math.max(0, upperWas[i]!) + NEXT_TO_NOTHING_M + fromLeft + fromRight;
    let known = (Math.max(0, upperWas[i]!) + NEXT_TO_NOTHING_M) * lnNu[at]!;
    if (i > 0) {
      pivot -= fromLeft * upper[i - 1]!;
      known += fromLeft * right[i - 1]!;
    }
    // Both enter with what they give: upper is the share the next cell has in this one.
    upper[i] = fromRight / pivot;
    right[i] = known / pivot;
  }
  for (let i = n - 1; i >= 0; i--) {
    const at = start + i * stride;
    beyond = right[i]! + (i < n - 1 ? upper[i]! * beyond : 0);
    lnNu[at] = beyond;
  }
}
