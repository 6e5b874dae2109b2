import { parts, type StockMedium } from './define';

export const glueWater: StockMedium = {
  id: 'glue-water',
  name: 'Glue and water',
  basis: 'volume',
  of: parts(['pva', 2], ['water', 1]),
  goodFor: 'The cheapest: large backgrounds and practice. It levels well and dries hard.',
};
