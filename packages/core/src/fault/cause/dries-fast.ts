import { vapourDeficitHPa } from '../../climate';
import { timesWords, type CauseDefinition } from '../define';

export const driesFast: CauseDefinition = {
  id: 'dries-fast',
  title: 'Dried too fast',
  nextTime: 'Cover it, out of sun and draught, in a cooler or damper room.',
  weigh: ({ plan: { room } }) => {
    if (!room) return undefined;
    const times = vapourDeficitHPa(room.tempC, room.rh) / vapourDeficitHPa(20, 50);
    return {
      times,
      says: `The room is ${room.tempC} °C and ${room.rh} % damp: it dries ${times < 1.1 ? 'no faster than usual' : `faster${timesWords(times)}`}.`,
    };
  },
};
