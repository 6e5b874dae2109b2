import { parts, type StockMedium } from './define';

export const glossConditioner: StockMedium = {
  id: 'gloss-conditioner',
  name: 'Gloss medium with conditioner',
  basis: 'volume',
  of: parts(['gloss-medium', 1], ['conditioner', 1]),
  goodFor: 'Keeping a poured centre together while it is stretched.',
};
