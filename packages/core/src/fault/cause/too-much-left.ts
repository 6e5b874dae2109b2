import { trim } from '../../quantity/show';
import { timesWords, type CauseDefinition } from '../define';

export const tooMuchLeft: CauseDefinition = {
  id: 'too-much-left',
  title: 'Too much paint left lying',
  nextTime: 'Tilt more of it off, or lay less.',
  weigh: ({ amounts, outcome, factors }) => {
    const mm = outcome?.film.meanMm ?? amounts.stayMm;
    const times = mm / factors['film-stays'];
    return { times, says: `${trim(mm, 1)} mm of film stays${timesWords(times)}.` };
  },
};
