import { dryGround } from '../cause/dry-ground';
import { thinBase } from '../cause/thin-base';
import { littlePaint } from '../cause/little-paint';
import { edgesForgotten } from '../cause/edges-forgotten';
import { defineFault } from '../define';

export const bareEdges = defineFault({
  id: 'bare-edges',
  title: 'Bare or wiggly edges',
  says: 'The ground shows, or the paint drew back in waves.',
  causes: [dryGround, thinBase, littlePaint, edgesForgotten],
});
