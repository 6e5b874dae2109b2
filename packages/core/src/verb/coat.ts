import { coatMl, mixedGPerMl, type Sheets, USUAL_SHEETS } from '../coat';
import type { CareCode } from './care';
import { defineVerb } from './define';

/** How thick a coat of each is usually, mm: handbook 11 for varnish, an eighth of an inch for resin (common practice, no published source). */
export const COAT_MM = { varnish: 0.1, resin: 3 } as const;

/** Of what is poured over an open edge so much drips off: four 4-inch discs at an eighth of an inch hold 3.5 US fl oz and take 4 (handbook 7). */
const DRIPS = 0.15;

/** What is poured on, and runs; what is brushed on stays where it is put. */
const RUNS: Readonly<Record<keyof Sheets, boolean>> = { resin: true, varnish: false };

/** Density of a coat as it is put on, g/mL. */
export const coatGPerMl = (product: keyof Sheets, sheets: Sheets = USUAL_SHEETS): number =>
  product === 'resin' ? mixedGPerMl(sheets.resin) : sheets.varnish.gPerMl;

/** What is stirred into a coat, and what there is to know of it (handbook 5, 9). */
const EXTRAS = {
  glitter: {
    says: 'Coarse glass glitter leaves texture, and shows only on a lit wall.',
    care: [],
  },
  flakes: { says: 'Flakes float: lay the largest by hand.', care: [] },
  powder: { says: 'Powder veils what lies under it.', care: ['dust'] },
} as const satisfies Readonly<Record<string, { says: string; care: readonly CareCode[] }>>;

export const coat = defineVerb({
  id: 'coat',
  title: 'Top coat',
  fields: {
    product: {
      kind: 'choice',
      label: 'Product',
      of: ['varnish', 'resin'],
      names: { varnish: 'Varnish', resin: 'Resin' },
    },
    filmMm: {
      kind: 'number',
      label: 'Film',
      min: 0.02,
      max: 10,
      unit: 'mm',
      usual: COAT_MM.varnish,
    },
    extra: {
      kind: 'choice',
      label: 'Stirred in',
      of: Object.keys(EXTRAS) as (keyof typeof EXTRAS)[],
      optional: true,
    },
    extraGPer100Ml: {
      kind: 'number',
      label: 'Grams of it in 100 mL',
      min: 0.1,
      max: 100,
      usual: 2,
      optional: true,
    },
  },
  usualS: 900,
  each: true,
  coats: true,
  onDry: { title: 'Top coat', mm: ({ filmMm }) => filmMm, sheet: ({ product }) => product },
  care: ({ product, extra }) => [
    product === 'resin' ? 'resin' : 'spray',
    ...(extra === undefined ? [] : EXTRAS[extra].care),
  ],
  follows: (now, was) =>
    now.product !== was.product && was.filmMm === COAT_MM[was.product]
      ? { ...now, filmMm: COAT_MM[now.product] }
      : now,
  says: ({ product, filmMm, extra, extraGPer100Ml }, { oily, sheets }) => {
    const name = sheets[product].name ?? product;
    const stirred =
      extra === undefined
        ? ''
        : ` Stir in ${extraGPer100Ml ?? 2} g of ${extra} to 100 mL. ${EXTRAS[extra].says}`;
    return `Coat with ${name}, ${filmMm} mm${oily ? '; the oil has to be off' : ''}.${stirred} The product’s own sheet decides ${product === 'resin' ? 'ratio and wait' : 'coats and wait'}.`;
  },
  mixedOf: ({ product }, { sheets: { resin } }) =>
    product === 'resin' ? { sheet: resin, opensS: resin.openMin * 60 } : undefined,
  does: ({ product, filmMm, extra, extraGPer100Ml = 2 }, { areaCm2, edgeCm2, openRim, sheets }) => {
    const drips = RUNS[product] && openRim ? DRIPS : 0;
    const ml = coatMl({ areaCm2, edgeCm2 }, filmMm, drips);
    return {
      takes: [
        { use: 'coat', product, ml, g: ml * coatGPerMl(product, sheets) },
        ...(extra === undefined
          ? []
          : [{ use: 'coat' as const, product: extra, ml: 0, g: (ml * extraGPer100Ml) / 100 }]),
      ],
    };
  },
});

/** A coat as a move of the artist's own. */
export const coatMove = (id: string, product: keyof Sheets, filmMm: number) => ({
  id,
  verb: coat.id,
  product,
  filmMm,
  own: true,
});
