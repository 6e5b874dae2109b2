import { parts, type StockMedium } from './define';

export const conditioner: StockMedium = {
  id: 'conditioner',
  name: 'Conditioner',
  basis: 'volume',
  of: parts(['conditioner', 1]),
  goodFor: 'Any pour that slides and spreads: it keeps paint open, and dries matt.',
};
