import { secondsOf } from '../../verb/move';
import { timesWords, type CauseDefinition } from '../define';
import { heats } from '../heat';

export const torchedLong: CauseDefinition = {
  id: 'torched-long',
  title: 'Torched too long',
  nextTime: 'Torch in short passes and stop while cells still open.',
  weigh: ({ plan, factors }, { tookS }) => {
    const hot = plan.moves.filter((move) => heats(move));
    if (hot.length === 0) return undefined;
    const s = hot.reduce((sum, move) => sum + (tookS(move.id) ?? secondsOf(move)), 0);
    const times = s / factors['torched-at-most'];
    return { times, says: `The flame was on it for ${Math.round(s)} s${timesWords(times)}.` };
  },
};
