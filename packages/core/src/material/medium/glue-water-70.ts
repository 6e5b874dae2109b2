import { parts, type StockMedium } from './define';

export const glueWater70: StockMedium = {
  id: 'glue-water-70',
  name: 'Glue and water, 70 : 30',
  basis: 'volume',
  of: parts(['pva', 70], ['water', 30]),
  goodFor: 'As glue and water, a little thicker: for paints that are thin already.',
};
