import { oppositesTouch } from '../cause/opposites-touch';
import { mixesThin } from '../cause/mixes-thin';
import { overworked } from '../cause/overworked';
import { samePlace } from '../cause/same-place';
import { defineFault } from '../define';

export const mud = defineFault({
  id: 'mud',
  title: 'Mud',
  says: 'Colours went brown, olive or grey where they met.',
  causes: [oppositesTouch, mixesThin, overworked, samePlace],
});
