import { parts, type StockMedium } from './define';

/** 4 cups, 1 cup, ½ cup, ¼ cup: 46 US fl oz (common practice, no published source). */
export const studioBlend: StockMedium = {
  id: 'studio-blend',
  name: 'Studio blend',
  basis: 'volume',
  of: parts(['conditioner', 16], ['pva', 4], ['gloss-medium', 2], ['water', 1]),
  goodFor: 'One bottle for everything: slides, binds and shines a little. Strain the conditioner.',
};
