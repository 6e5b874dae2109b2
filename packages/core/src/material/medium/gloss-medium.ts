import { parts, type StockMedium } from './define';

export const glossMedium: StockMedium = {
  id: 'gloss-medium',
  name: 'Gloss medium',
  basis: 'volume',
  of: parts(['gloss-medium', 1]),
  goodFor: 'Thick pours that hold their lines: ribbons and straight-to-ring.',
};
