export { CONSISTENCIES, consistencyOf, stepLimits, stepRank } from './consistency';
export { letDown } from './let-down';
export { makeMedium, type MediumMake } from './medium';
export { drawdown, mixTint, type Opacity, opacityOf, paintTint } from './opacity';
export { type Ingredient, makeRecipe, type Recipe } from './recipe';
export type { Additive, Consistency, Mix } from './schema';
export { type WeighStep, weighUp } from './weigh';
