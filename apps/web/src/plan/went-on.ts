import { lastOf } from '@/data/last-of';

/** The plan that edits went on as, after another device had changed the one they began in. */
const last = lastOf<{ readonly id: string; readonly from: string }>();
export const wentOn = last.store;
export const useWentOn = last.use;
