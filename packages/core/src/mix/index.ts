export { type EyeMark, eyeMark, fillsOf, gramsAtLevel, mlPerG } from './by-eye';
export { type Addition, type Advice, advise, type InCup, settled, viscosityOfMound } from './coach';
export { CONSISTENCIES, consistencyOf, stepLimits, stepRank } from './consistency';
export { FLOW_CUPS, type FlowCup, viscosityOfFlow } from './flow-cup';
export { type Lightening } from './lighten';
export { kindOf, landedRight, type Landing } from './landing';
export { letDown } from './let-down';
export { loopOf, makeMedium, type MediumMake } from './medium';
export { mediumsToMake, type MediumToMake } from './mediums-to-make';
export { gramsOf } from './found-grams';
export { asCarded, cardOf, withCard } from './card';
export { drawdown, mixTint, type Opacity, opacityOf, paintTint } from './opacity';
export { findMixes, type FoundMix, type Like, madeOf } from './find';
export type { OwnRecipe } from './own-recipe';
export { parseRatio, ratioWords, saidWords, turnedRatio, type SaidRatio } from './ratio';
export { type Ingredient, makeRecipe, type Recipe } from './recipe';
export { MIX_SCHOOLS, mixBySchool, type MixSchool, schoolOf } from './school';
export type { Additive, Consistency, Mix } from './schema';
export { weighMedium, type WeighStep, weighUp } from './weigh';
export {
  beginWeighing,
  isOver,
  nextLine,
  type Rescue,
  rescued,
  taken,
  takenBack,
  weighedG,
  type Weighing,
  type WeighLine,
  wholeG,
} from './weighing';
