import type { ActDefinition } from './define';

/** A knife run down the sides all round: what hangs there comes off but for a last film. */
export interface Scrape {
  readonly kind: 'scrape';
  /** Share of what the sides hold that stays on them, 0..1. */
  readonly keeps: number;
}

export const scrape: ActDefinition<Scrape> = {
  id: 'scrape',
  weight: () => 0,
  brings: () => [],
  key: (act) => act,
  still: true,
  *run({ keeps }, { margin }) {
    yield {
      weight: 0,
      scraped: { keeps, m3: margin.scrapeSides(keeps) },
    };
  },
  // The face is left alone.
  back: () => () => undefined,
};
