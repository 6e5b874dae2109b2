import { trim } from '../../quantity/show';
import { nameOf } from '../../remark/evidence';
import type { CauseDefinition } from '../define';

export const littleOfIt: CauseDefinition = {
  id: 'little-of-it',
  title: 'Too little of a colour',
  nextTime: 'More of it, or poured where it comes to the top.',
  weigh: (evidence) => {
    const layers = evidence.cups.flatMap((cup) => cup.layers);
    const whole = layers.reduce((sum, { ml }) => sum + ml, 0);
    const [least] = [...new Set(layers.map(({ mix }) => mix))]
      .map((mix) => ({
        mix,
        share: layers.filter((l) => l.mix === mix).reduce((sum, { ml }) => sum + ml, 0) / whole,
      }))
      .sort((a, b) => a.share - b.share);
    return least && least.share > 0
      ? {
          times: evidence.factors['meant-as-trace'] / least.share,
          says: `${nameOf(evidence, least.mix)} is ${trim(100 * least.share, 0)} % of what is poured.`,
        }
      : undefined;
  },
};
