import { trim } from '../../quantity/show';
import { nameOf } from '../../remark/evidence';
import type { CauseDefinition } from '../define';
import { poured } from '../poured';

/** One school keeps metals a step thicker than the rest; a step is about twice as thick (`CONSISTENCIES`). */
const STEP = 2;

export const metalThin: CauseDefinition = {
  id: 'metal-thin',
  title: 'A metallic as thin as the rest',
  nextTime: 'Mix metals a step thicker, or use more of them.',
  weigh: (evidence) => {
    const mixes = poured(evidence).sort((a, b) => a.viscosityPaS - b.viscosityPaS);
    const rest = mixes.filter(({ metallic }) => !metallic);
    const thinnest = mixes.find(({ metallic }) => metallic);
    const middle = rest[Math.floor(rest.length / 2)];
    if (!thinnest || !middle) return undefined;
    const over = thinnest.viscosityPaS / middle.viscosityPaS;
    return {
      times: STEP / over,
      says: `${nameOf(evidence, thinnest.mix)} is ${trim(over, 1)} times as thick as the rest; metals are kept about ${STEP} times as thick.`,
    };
  },
};
