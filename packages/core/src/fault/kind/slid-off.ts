import { notLevel } from '../cause/not-level';
import { tiltedFast } from '../cause/tilted-fast';
import { mixesThin } from '../cause/mixes-thin';
import { defineFault } from '../define';

export const slidOff = defineFault({
  id: 'slid-off',
  title: 'The design slid off',
  says: 'What was in the middle went over the edge.',
  causes: [notLevel, tiltedFast, mixesThin],
});
