import { metalThin } from '../cause/metal-thin';
import { clearOverDark } from '../cause/clear-over-dark';
import { littleOfIt } from '../cause/little-of-it';
import { defineFault } from '../define';

export const vanished = defineFault({
  id: 'vanished',
  title: 'A colour vanished',
  says: 'It went in, and is nowhere to be seen.',
  causes: [metalThin, clearOverDark, littleOfIt],
});
