import { defineVerb } from './define';

/** How thick a coat of each is usually, mm: handbook 11 for varnish, an eighth of an inch for resin (common practice, no published source). */
export const COAT_MM = { varnish: 0.1, resin: 3 } as const;

/** Density of a top coat: two-part resin about 1.1, varnish about 1.03 g/mL (from memory). */
export const COAT_G_PER_ML = { varnish: 1.03, resin: 1.1 } as const;

export const coat = defineVerb({
  id: 'coat',
  title: 'Top coat',
  fields: {
    product: { kind: 'choice', label: 'Product', of: ['varnish', 'resin'] },
    filmMm: {
      kind: 'number',
      label: 'Film',
      min: 0.02,
      max: 10,
      unit: 'mm',
      usual: COAT_MM.varnish,
    },
  },
  usualS: 900,
  each: true,
  coats: true,
  onDry: { title: 'Top coat', mm: ({ filmMm }) => filmMm },
  care: ({ product }) => (product === 'resin' ? ['resin'] : ['spray']),
  follows: (now, was) =>
    now.product !== was.product && was.filmMm === COAT_MM[was.product]
      ? { ...now, filmMm: COAT_MM[now.product] }
      : now,
  says: ({ product, filmMm }, { oily }) =>
    `Coat with ${product}, ${filmMm} mm${oily ? '; wipe the oil off first' : ''}. The product’s own sheet decides ${product === 'resin' ? 'ratio and wait' : 'coats and wait'}.`,
  // Volume = area × film + covered edges × half the film (estimate).
  does: ({ product, filmMm }, { areaCm2, edgeCm2 }) => {
    const ml = (areaCm2 * filmMm + (edgeCm2 * filmMm) / 2) / 10;
    return { takes: [{ use: 'coat', product, ml, g: ml * COAT_G_PER_ML[product] }] };
  },
});

/** A coat as a move of the artist's own. */
export const coatMove = (id: string, product: keyof typeof COAT_G_PER_ML, filmMm: number) => ({
  id,
  verb: coat.id,
  product,
  filmMm,
  own: true,
});
