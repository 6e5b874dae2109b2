import { verbOf } from '../../verb';
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
  {
    says: 'the figures of what is poured later',
    said: ({ moves }) => {
      const dries = moves.findIndex((move) => verbOf(move).setsFilm);
      return (
        dries >= 0 &&
        moves.slice(dries).some((move) => {
          const { does, onDry } = verbOf(move);
          return does !== undefined && onDry === undefined;
        })
      );
    },
  },
];

/** What this plan says that its picture does not show yet, in words: an artist is not to look for it there. */
export const notPictured = (plan: Plan): readonly string[] =>
  UNSEEN.flatMap(({ says, said }) => (said(plan) ? [says] : []));
