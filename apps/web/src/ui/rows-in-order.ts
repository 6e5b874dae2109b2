import type { ReactNode } from 'react';

/** Rows that can be put in another order. */
export interface RowsInOrder {
  /** As many rows as ids, in the order shown. */
  readonly ids: readonly string[];
  readonly onMove: (from: number, to: number) => void;
  readonly row: (index: number) => ReactNode;
}
