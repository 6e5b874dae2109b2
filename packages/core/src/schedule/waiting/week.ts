import { defineWaiting } from './define';

/** About a week, longer for a thick film, by the patient school (handbook 7). */
export const week = defineWaiting({
  id: 'week',
  title: 'A week',
  says: 'Coated after a week, longer where the film is thick: water under a coat clouds it.',
  coats: ({ touch, wetMm }, factors) => {
    const least = factors['coat-by-long-school'];
    const thick = Math.max(1, wetMm);
    return {
      fromH: Math.max(least, touch.fromH * 2) * thick,
      toH: Math.max(least, touch.toH * 2) * thick,
    };
  },
});
