import type { Sheets } from './schema';

/**
 * What sheets of generic products usually say: a two-part coat of 1 : 1 by volume, a water-based varnish of about 0.1 mm a coat (handbook 7 and 11).
 * Densities and times are from memory (common practice, no published source): the product's own sheet decides.
 */
export const USUAL_SHEETS: Sheets = {
  resin: {
    by: 'volume',
    parts: [1, 1],
    gPerMl: [1.15, 1.05],
    openMin: 40,
    mostMl: 500,
    touchH: 24,
    againH: 24,
    curedH: 72,
  },
  varnish: { m2PerL: 10, gPerMl: 1.03, touchH: 1, againH: 3, curedH: 168 },
};

/** The sheets a plan goes by. */
export const sheetsWith = (own: Partial<Sheets> = {}): Sheets => ({ ...USUAL_SHEETS, ...own });
