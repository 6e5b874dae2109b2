import { secondsOf, verbOf } from '../../verb/move';
import { timesWords, type CauseDefinition } from '../define';

export const tiltedLate: CauseDefinition = {
  id: 'tilted-late',
  title: 'Left standing, then tilted',
  nextTime: 'Tilt at once, and let it rest afterwards.',
  weigh: ({ plan, factors }, { tookS }) => {
    const last = plan.moves.map((move) => verbOf(move).sheds !== undefined).lastIndexOf(true);
    const stood = plan.moves
      .slice(0, Math.max(0, last))
      .filter((move) => verbOf(move).waits && !verbOf(move).setsFilm)
      .reduce((sum, move) => sum + (tookS(move.id) ?? secondsOf(move)), 0);
    if (stood === 0) return undefined;
    const min = stood / 60;
    const times = min / factors['stands-before-tilt'];
    return {
      times,
      says: `It stood for ${Math.round(min)} min before the last tilt${timesWords(times)}.`,
    };
  },
};
