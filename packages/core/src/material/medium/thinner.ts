import { parts, type StockMedium } from './define';

export const thinner: StockMedium = {
  id: 'thinner',
  name: 'Thinner',
  basis: 'volume',
  of: parts(['water', 90], ['conditioner', 10]),
  goodFor: 'Bringing a mix to its thickness: thins like water and binds a little better.',
};
