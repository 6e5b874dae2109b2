import { tooMuchLeft } from '../cause/too-much-left';
import { mixesThin } from '../cause/mixes-thin';
import { torchedLong } from '../cause/torched-long';
import { tiltedLate } from '../cause/tilted-late';
import { defineFault } from '../define';

export const cellsRan = defineFault({
  id: 'cells-ran',
  title: 'Cells swelled or ran',
  says: 'They grew, lost their rims or broke.',
  causes: [tooMuchLeft, mixesThin, torchedLong, tiltedLate],
});
