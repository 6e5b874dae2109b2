import { verbOf } from '../../verb';
import { type OpenPlan, openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** Something a plan may say that does not act in its picture yet. */
interface Unseen {
  readonly says: string;
  readonly said: (plan: Plan, open: OpenPlan) => boolean;
}

const UNSEEN: readonly Unseen[] = [
  { says: 'cells that oil opens', said: (_, { oily }) => oily },
  {
    says: 'how neon glows, and interference turns with the light',
    said: ({ paints }) =>
      paints.some(({ finish }) => finish === 'neon' || finish === 'interference'),
  },
];

/** What this plan says that its picture does not show yet, in words: an artist is not to look for it there. */
export function notPictured(plan: Plan): readonly string[] {
  const open = openPlan(plan);
  const ofMoves = plan.moves.flatMap((move) => verbOf(move).unseen?.(move) ?? []);
  return [
    ...UNSEEN.flatMap(({ says, said }) => (said(plan, open) ? [says] : [])),
    ...new Set(ofMoves),
  ];
}
