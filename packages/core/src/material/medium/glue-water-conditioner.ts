import { parts, type StockMedium } from './define';

export const glueWaterConditioner: StockMedium = {
  id: 'glue-water-conditioner',
  name: 'Glue, water, conditioner',
  basis: 'volume',
  of: parts(['pva', 60], ['water', 30], ['conditioner', 10]),
  goodFor: 'Glue that stays open longer: flips and tilts on a budget.',
};
