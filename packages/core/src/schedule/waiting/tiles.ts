import { day } from './day';
import { defineWaiting } from './define';
import { week } from './week';

/** Small pieces the next day, all others as the patient school has it (handbook 7). */
export const tiles = defineWaiting({
  id: 'tiles',
  title: 'Tiles the next day, others a week',
  says: 'Tiles and coasters are coated the next day, anything larger after a week.',
  coats: (drying, factors) => (drying.small ? day : week).coats(drying, factors),
});
