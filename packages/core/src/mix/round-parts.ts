import { apportion, roundTo } from '../quantity/apportion';
import type { Ingredient, Recipe } from './recipe';

/** Parts of this share of a mix and more are measured in whole cups; water by the spoon, powder and the like stay with the scale. */
const MAIN_SHARE = 0.12;

/** A part may be off its ratio by this much; less than a ready-mixed medium differs from bottle to bottle (common practice, no published source). */
const OFF_RATIO = 0.03;

/** Not more than this times what is needed is mixed for the sake of round figures. */
const MOST_TIMES = 1.5;

/** What is weighed of a recipe; oils are counted in drops. */
export const weighedOf = ({ ingredients }: Recipe): readonly Ingredient[] =>
  ingredients.filter((i) => i.kind !== 'oil');

/**
 * Round amounts that are tried, the smallest first. A main part is at least 0.12 of a mix, so from 139 multiples of the largest on each is 17 multiples and more,
 * and half of one is within 3 %; what rounding takes off the whole is made good a few multiples later.
 */
const MOST_TRIED = 200;

/**
 * The smallest amount of a mix of at least `atLeastG` whose main parts each come to whole multiples of `toG` grams, as people say
 * "40 + 20"; the ratio is kept within 3 %. Small parts follow it in steps of the scale.
 * @returns grams of each weighed ingredient in the recipe's order; undefined where no such amount is near
 */
export function roundParts(
  recipe: Recipe,
  atLeastG: number,
  toG: number,
  stepG: number,
): readonly number[] | undefined {
  const leadShare = shareOfLead(recipe);
  const first = Math.max(1, Math.ceil((atLeastG * leadShare) / toG - 1e-9));
  const last = (atLeastG * MOST_TIMES * leadShare) / toG;
  for (let tried = 0; tried < MOST_TRIED && first + tried <= last; tried++) {
    const k = first + tried;
    const parts = partsAt(recipe, k, toG, stepG);
    if (parts && sumOf(parts) >= atLeastG - 1e-6) return parts;
  }
  return undefined;
}

/** The parts of a mix that was rounded to `totalG`; undefined where that is no round amount of it. */
export function roundPartsOf(
  recipe: Recipe,
  totalG: number,
  toG: number,
  stepG: number,
): readonly number[] | undefined {
  const near = Math.round((totalG * shareOfLead(recipe)) / toG);
  return [near, near - 1, near + 1]
    .map((k) => (k > 0 ? partsAt(recipe, k, toG, stepG) : undefined))
    .find((parts) => parts && Math.abs(sumOf(parts) - totalG) < 1e-6);
}

/** All parts where the largest is `k` multiples; undefined where another would be off its ratio by too much. */
function partsAt(
  recipe: Recipe,
  k: number,
  toG: number,
  stepG: number,
): readonly number[] | undefined {
  const weighed = weighedOf(recipe);
  const whole = sumOf(weighed.map((i) => i.g));
  const perG = (k * toG) / (shareOfLead(recipe) * whole);
  const exact = weighed.map((i) => i.g * perG);
  const main = weighed.map((i) => i.g / whole >= MAIN_SHARE);
  const small = apportion(
    exact.filter((_, i) => !main[i]),
    stepG,
  );
  const parts = exact.map((g, i) => (main[i] ? roundTo(g, toG) : small.shift()!));
  const kept = parts.every((g, i) => !main[i] || Math.abs(g - exact[i]!) <= OFF_RATIO * exact[i]!);
  return kept ? parts : undefined;
}

/** Share of the largest weighed part in all that is weighed. */
function shareOfLead(recipe: Recipe): number {
  const grams = weighedOf(recipe).map((i) => i.g);
  return Math.max(...grams) / sumOf(grams);
}

const sumOf = (grams: readonly number[]): number =>
  Number(grams.reduce((sum, g) => sum + g, 0).toFixed(6));
