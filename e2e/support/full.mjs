/** Whether all there is to look at is looked at: `npm run test:full`. The short run takes samples. */
export const FULL = Boolean(process.env.POTTER_FULL);

/** Of a test that walks again, at length, what shorter ones of the short run walk. */
export const inFull = { skip: FULL ? false : 'in the full run' };
