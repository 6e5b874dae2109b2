import type { PieceSummary } from './summary';
import { type Status, STATUS_IDS } from './status';

/** What a month came to. */
export interface Month {
  /** "2026-10". */
  readonly month: string;
  readonly pieces: number;
  readonly sold: number;
  /** Of what was sold. */
  readonly taken: number;
  /** Of all that was made and whose cost is known. */
  readonly cost: number;
}

/** A season at a glance. */
export interface Season {
  readonly months: readonly Month[];
  readonly statuses: Readonly<Record<Status, number>>;
  readonly taken: number;
  readonly cost: number;
  /** What is left of what was taken for sold pieces whose cost is known. */
  readonly margin: number;
}

/**
 * @param monthOf the month of a moment by the clock on the wall, "2026-10"
 */
export function seasonOf(
  pieces: readonly Pick<PieceSummary, 'madeAt' | 'status' | 'price' | 'cost'>[],
  monthOf: (ms: number) => string,
): Season {
  const months = new Map<string, { -readonly [K in keyof Month]: Month[K] }>();
  const statuses = Object.fromEntries(STATUS_IDS.map((id) => [id, 0])) as Record<Status, number>;
  let margin = 0;
  for (const { madeAt, status, price = 0, cost } of pieces) {
    const month = monthOf(madeAt);
    const at = months.get(month) ?? { month, pieces: 0, sold: 0, taken: 0, cost: 0 };
    months.set(month, at);
    statuses[status]++;
    at.pieces++;
    at.cost += cost ?? 0;
    if (status !== 'sold') continue;
    at.sold++;
    at.taken += price;
    if (cost !== undefined) margin += price - cost;
  }
  const all = [...months.values()].sort((a, b) => (a.month < b.month ? -1 : 1));
  const sum = (of: (month: Month) => number) => all.reduce((total, month) => total + of(month), 0);
  return { months: all, statuses, taken: sum((m) => m.taken), cost: sum((m) => m.cost), margin };
}
