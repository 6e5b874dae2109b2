import type { Plan } from '@potter/core/plan';
import { lastOf } from '@/data/last-of';

/** The plan deleted last, so that it can be put back. */
const last = lastOf<Plan>();
export const dropped = last.store;
export const useDropped = last.use;
