export { verbScene } from './brief/table';
export { type Brief, brief, evidenceOf, judged, type MixBrief } from './brief/brief';
export { checkPlan } from './document/check';
export {
  type ChipFilm,
  chipPage,
  type ChipPage,
  type Reads,
  type Thinned,
} from './asked/chip-page';
export { comparePlans, type CompareRow } from './asked/compare';
export { coresOf } from './asked/cores';
export type { Cost } from './brief/cost';
export { type CupOrderAsk, cupOrderAsk } from './asked/cup-order';
export { backgroundOf } from './beginning/background';
export { careFor } from './asked/care';
export { carryOn, mayCarryOn } from './beginning/carry-on';
export { mayBeMini, MINI_MM, miniPour } from './beginning/mini';
export { mixFor, type NewPlan, newPlan } from './beginning/create';
export * as edit from './edit';
export { computePour, type PourTold } from './preview/told';
export { dotsAnInch, MOST_PX, type Print, type PrintAsk, printOf } from './preview/print';
export { likelyIntents } from './beginning/intents';
export { emptiesOf, type LeavesWords, leavesWords } from './asked/leaves';
export { type Meeting, meetingsOf } from './asked/meetings';
export { wantsLimbCups, withLimbCups } from './asked/limbs';
export { cupsToLoad, type CupToLoad } from './asked/loading';
export {
  isLastTask,
  lastTasksOf,
  preparationOf,
  rewriteMoves,
  setLastTasks,
  setPreparation,
} from './beginning/moves';
export { coatBatches } from './asked/coat-batches';
export { type NeighbourPair, neighbourTable, verdictWords } from './asked/neighbour-table';
export { mixNames } from './document/mix-names';
export { patchPlan } from './document/patch';
export { type PinOffer, pinOffer, usualPins, withPins } from './asked/pins';
export { type Bare, ranOut, strokesBare } from './asked/ran-out';
export { type Reach, reachOf, thinnessOf, type Verdict } from './asked/reach';
export type { Plan } from './document/schema';
export { compareSchools } from './asked/schools';
export { layBetween, lightBetween, lightened, lightenOffer } from './asked/lighter';
export { type MadeMix, madeMixes } from './asked/made-mixes';
export { arrangingCups } from './asked/arrange-cups';
export { judgeOrder, type OrderJudged, type Seam, seamsOf, weightWords } from './asked/seams';
export { type Standing, standing } from './asked/standing';
export { type MixInParts, mixesInParts } from './asked/mixes-in-parts';
export { mendAll } from './brief/mend-all';
export { bubblesLeaveIn } from './asked/bubbles';
export { mlPerCm, takenMl, wetFor } from './asked/on-the-way';
export { type DotsFor, dotsFor, USUAL_DOTS } from './asked/dots-for';
export { notPictured } from './asked/not-pictured';
export { ownStrength, type Thickness, thicknessAdvice, thicknesses } from './asked/thickness';
export { holdsMetal, type Wanted, wantedConsistency } from './beginning/wanted';
export { type TechniqueFor, techniqueKey, techniquesFor, type Wish } from './asked/techniques-for';
export { type ToWeigh, weighingOrder } from './asked/weighing-order';
export { paletteOf, pourAskOf, type Preview, previewKey, previewOf } from './preview/preview';
export { type AddedAt, withAdded } from './preview/with-added';
export { turnsBefore } from './preview/turns-before';
export type { Studio } from './document/studio';
export {
  deciders,
  type Range,
  type Spread,
  spreadOf,
  type Trial,
  trialsOf,
  wayOf,
  WAYS,
} from './preview/ways';
export {
  askedBest,
  type Chosen,
  choices,
  type DecisionId,
  DECISIONS,
  firstTries,
  type Found,
  furtherTries,
  openDecisions,
  PLANNED,
  type Tried,
  type AskFor,
  asksFor,
} from './choice';
