import type { ShelfItem } from '@potter/core/stock';
import { lastOf } from '@/data/last-of';

/** What was taken off the shelf last, so that it can be put back. */
const last = lastOf<ShelfItem>();
export const takenOff = last.store;
export const useTakenOff = last.use;
