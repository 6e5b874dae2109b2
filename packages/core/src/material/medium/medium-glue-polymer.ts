import type { StockMedium } from './define';

/** About 30 % pouring medium and 10 % glue mix of the whole, with a splash of polymer: here 6 : 2 : 1 (the splash is an estimate). */
export const mediumGluePolymer: StockMedium = {
  id: 'medium-glue-polymer',
  name: 'Medium, glue, polymer',
  basis: 'volume',
  of: [
    { material: 'pouring-medium', parts: 6 },
    { medium: 'glue-water', parts: 2 },
    { material: 'polymer', parts: 1 },
  ],
  goodFor: 'Thick films that must not craze: the polymer keeps them supple.',
};
