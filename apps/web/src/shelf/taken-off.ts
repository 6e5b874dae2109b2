import type { ShelfPaint } from '@potter/contract';
import { lastOf } from '@/data/last-of';

/** The paint taken off the shelf last, so that it can be put back. */
const last = lastOf<ShelfPaint>();
export const takenOff = last.store;
export const useTakenOff = last.use;
