import type { Medium } from './schema';

const parts = (...of: [string, number][]): Medium['of'] =>
  of.map(([material, n]) => ({ material, parts: n }));

/**
 * Mediums ready to use, from the handbook's schools of medium (common practice, no published source).
 * Parts are by volume. A plan's own medium of the same id takes precedence.
 */
export const STOCK_MEDIUMS: readonly Medium[] = [
  { id: 'conditioner', name: 'Conditioner', basis: 'volume', of: parts(['conditioner', 1]) },
  {
    id: 'conditioner-thin',
    name: 'Conditioner, thin type',
    basis: 'volume',
    of: parts(['conditioner-thin', 1]),
  },
  {
    id: 'thinner',
    name: 'Thinner',
    basis: 'volume',
    of: parts(['water', 90], ['conditioner', 10]),
  },
  {
    id: 'glue-water',
    name: 'Glue and water',
    basis: 'volume',
    of: parts(['pva', 2], ['water', 1]),
  },
  {
    id: 'glue-water-conditioner',
    name: 'Glue, water, conditioner',
    basis: 'volume',
    of: parts(['pva', 60], ['water', 30], ['conditioner', 10]),
  },
  {
    id: 'studio-blend',
    name: 'Studio blend',
    basis: 'volume',
    of: parts(['conditioner', 16], ['pva', 4], ['gloss-medium', 2], ['water', 1]),
  },
  { id: 'gloss-medium', name: 'Gloss medium', basis: 'volume', of: parts(['gloss-medium', 1]) },
  {
    id: 'gloss-conditioner',
    name: 'Gloss medium with conditioner',
    basis: 'volume',
    of: parts(['gloss-medium', 1], ['conditioner', 1]),
  },
];
