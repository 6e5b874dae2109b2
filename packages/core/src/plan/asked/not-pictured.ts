import type { Plan } from '../document/schema';

/** Something a plan may say that does not act in its picture yet. */
interface Unseen {
  readonly says: string;
  readonly said: (plan: Plan) => boolean;
}

const UNSEEN: readonly Unseen[] = [
  {
    says: 'how neon glows, and interference turns with the light',
    said: ({ paints }) =>
      paints.some(({ finish }) => finish === 'neon' || finish === 'interference'),
  },
];

/** What this plan says that its picture does not show yet, in words: an artist is not to look for it there. */
export const notPictured = (plan: Plan): readonly string[] =>
  UNSEEN.flatMap(({ says, said }) => (said(plan) ? [says] : []));
