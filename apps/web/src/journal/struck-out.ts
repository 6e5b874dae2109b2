import type { Run } from '@potter/core/journal';
import { lastOf } from '@/data/last-of';

/** The run struck out last, so that it can be put back. */
const last = lastOf<Run>();
export const struckOut = last.store;
export const useStruckOut = last.use;
