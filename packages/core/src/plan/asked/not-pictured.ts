import { blendsTrue } from '../../paint/property';
import { verbOf } from '../../verb';
import { type OpenPlan, openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** Something a plan may say that does not act in its picture yet. */
interface Unseen {
  readonly says: string;
  readonly said: (plan: Plan, open: OpenPlan) => boolean;
}

/** Mixes whose viscosities are farther apart than this flow otherwise than one for all of them would. */
const ALIKE = 1.5;
/** Rooms this near to the usual temperature change nothing worth a word, °C. */
const USUAL_C = 20;
const NEAR_C = 5;

const UNSEEN: readonly Unseen[] = [
  { says: 'cells that oil opens', said: (_, { oily }) => oily },
  {
    says: 'that some mixes are thicker than others',
    said: (plan, { recipe }) => {
      const all = plan.mixes.map((m) => recipe(m.id).viscosityPaS);
      return Math.max(...all) > ALIKE * Math.min(...all);
    },
  },
  {
    says: 'the sheen of metal, pearl and neon',
    said: ({ paints }) => paints.some((paint) => !blendsTrue(paint)),
  },
  { says: 'what a raw ground drinks', said: ({ surface }) => surface.absorbency === 'raw' },
  {
    says: 'which side a cup is poured from',
    said: ({ cups }) => cups.some((c) => c.pourSideDeg !== undefined),
  },
  {
    says: 'the holes or the tip a cup is poured through',
    said: ({ cups }) => cups.some((c) => typeof c.outlet === 'object'),
  },
  {
    says: 'moves done at the same time',
    said: ({ moves }) => moves.some((m) => m.with !== undefined),
  },
  {
    says: 'how warm the room is',
    said: ({ room }) => room !== undefined && Math.abs(room.tempC - USUAL_C) > NEAR_C,
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
