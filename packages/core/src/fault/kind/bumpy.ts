import { mixesThick } from '../cause/mixes-thick';
import { uneven } from '../cause/uneven';
import { defineFault } from '../define';

export const bumpy = defineFault({
  id: 'bumpy',
  title: 'Bumps',
  says: 'It dried uneven to the touch.',
  causes: [mixesThick, uneven],
});
