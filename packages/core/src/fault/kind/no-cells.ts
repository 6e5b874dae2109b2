import { noWeightContrast } from '../cause/no-weight-contrast';
import { noOpener } from '../cause/no-opener';
import { mixesThick } from '../cause/mixes-thick';
import { fromLowDown } from '../cause/from-low-down';
import { defineFault } from '../define';

export const noCells = defineFault({
  id: 'no-cells',
  title: 'No cells',
  says: 'None opened where they were wanted.',
  causes: [noWeightContrast, noOpener, mixesThick, fromLowDown],
});
