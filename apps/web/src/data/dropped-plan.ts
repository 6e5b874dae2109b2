import { lastOf } from './last-of';

/** The plan deleted last, so that it can be put back. */
const last = lastOf<{ readonly id: string; readonly title: string }>();
export const dropped = last.store;
export const useDropped = last.use;
