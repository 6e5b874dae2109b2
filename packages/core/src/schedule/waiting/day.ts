import { defineWaiting } from './define';

/** One day, by the quick school (handbook 7). */
export const day = defineWaiting({
  id: 'day',
  title: 'A day',
  says: 'Coated once it feels dry, a day after the pour at the soonest.',
  coats: ({ touch }, factors) => ({
    fromH: Math.max(factors['handled-after'], touch.fromH),
    toH: Math.max(factors['handled-after'], touch.toH),
  }),
});
