import { nameOf } from '../../remark/evidence';
import { touchingPairs } from '../../remark/touching';
import type { CauseDefinition } from '../define';

/** A blend so dull is mud by the neighbour table, whichever two colours it is of. */
const MUD_AT = 0.5;

export const oppositesTouch: CauseDefinition = {
  id: 'opposites-touch',
  title: 'Opposite colours side by side',
  nextTime: 'Put white or black between them, or leave one out.',
  weigh: (evidence) => {
    const wanted = evidence.plan.order?.wanted ?? [];
    const [worst] = touchingPairs(evidence)
      .filter(({ a, b }) => !wanted.some((w) => [w.a, w.b].sort().join() === [a, b].sort().join()))
      .sort((x, y) => y.judged.mud - x.judged.mud);
    if (!worst || worst.judged.verdict === 'clean') return undefined;
    const places = worst.places.length === 1 ? 'once' : `${worst.places.length} times`;
    return {
      times: worst.judged.mud / MUD_AT,
      says: `${nameOf(evidence, worst.a)} and ${nameOf(evidence, worst.b)} lie on each other ${places}.`,
    };
  },
};
