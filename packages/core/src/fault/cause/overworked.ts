import { verbOf } from '../../verb';
import { type CauseDefinition, timesWords } from '../define';

export const overworked: CauseDefinition = {
  id: 'overworked',
  title: 'Worked over too often',
  nextTime: 'Fewer moves: stop while it looks good.',
  weigh: ({ plan, ledger, factors }) => {
    // What is done to paint that lies there, beside tilting it over the piece: a place on the piece, and no paint with it.
    const worked = plan.moves.filter(
      (move, i) =>
        verbOf(move).marks !== undefined &&
        !verbOf(move).setsFilm &&
        !verbOf(move).sheds &&
        (ledger.entries[i]?.takes.length ?? 0) === 0,
    ).length;
    const times = worked / factors['worked-at-most'];
    return worked === 0
      ? undefined
      : {
          times,
          says: `${worked} ${worked === 1 ? 'move goes' : 'moves go'} over the wet paint${timesWords(times)}.`,
        };
  },
};
