import Papa from 'papaparse';
import { trim } from '../quantity/show';
import type { ShoppingLine } from '../stock/shopping';

/** A shopping list as a table (RFC 4180). Amounts in mL with grams beside, or in pieces. */
export const writeShoppingCsv = (lines: readonly ShoppingLine[], currency: string): string =>
  Papa.unparse(
    {
      fields: [
        'what',
        'maker',
        'unit',
        'need',
        'need g',
        'have',
        'lack',
        'buy',
        'of mL',
        `cost ${currency}`,
      ],
      data: lines.map((l) => [
        l.name,
        l.maker ?? '',
        l.unit === 'ml' ? 'mL' : 'pieces',
        trim(l.need, 1),
        l.needG === undefined ? '' : trim(l.needG, 1),
        l.known ? trim(l.have, 1) : '',
        trim(l.lack, 1),
        l.buy ?? '',
        l.packMl ?? '',
        l.cost === undefined ? '' : trim(l.cost, 2),
      ]),
    },
    { newline: '\r\n', escapeFormulae: true },
  ) + '\r\n';
