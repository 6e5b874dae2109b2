import { Type } from '@sinclair/typebox';

/**
 * Amounts as a studio can mean them. Below the least an artist cannot measure, and arithmetic goes astray: a cup of 1e-170 mm holds
 * nothing to a computer, and everything is infinitely too much for it.
 */
const amount = (least: number) => (most: number) => Type.Number({ minimum: least, maximum: most });

/** A length, a volume or a mass: a thousandth of the unit at the least. */
export const Amount = amount(1e-3);
/** Parts of a recipe. */
export const Parts = Type.Number({ minimum: 1e-3, maximum: 1e4 });
/** A share, or a figure for each cm²: a ten thousandth at the least. */
export const Fine = amount(1e-4);
