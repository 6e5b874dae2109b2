import type { Recipe } from './recipe';

/** One thing of a recipe by eye: so many quarters of a part to one part of all paint, or drops. */
export interface Part {
  readonly kind: Recipe['ingredients'][number]['kind'];
  readonly id: string;
  /** Parts by volume to one part of all paint, to the nearest quarter; what is less than half a quarter is a splash. */
  readonly parts: number;
  readonly splash: boolean;
}

/** Nobody tells less than a quarter of a part by eye (estimate). */
const QUARTER = 0.25;

/** A recipe as those make it who never weigh: parts by volume, whatever its own basis is; oil is left to its drops. */
export function inParts({ ingredients, paintShare }: Recipe): Part[] {
  return ingredients
    .filter((i) => i.kind !== 'oil')
    .map(({ kind, id, ml }) => {
      const exact = paintShare > 0 ? ml / paintShare : 0;
      const parts = Math.round(exact / QUARTER) * QUARTER;
      return { kind, id, parts, splash: parts === 0 };
    });
}
