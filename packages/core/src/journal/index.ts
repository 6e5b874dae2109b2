export {
  type Added,
  addedOf,
  addOn,
  pictureOn,
  type Taken,
  withoutAdded,
  withoutPicture,
} from './at-the-table';
export { drawn, drawsOf, undrawn } from './drawn';
export { type Drying, type DryingAct, dryingActs, dryingOf } from './rack';
export {
  advance,
  beginRun,
  finishMoves,
  givesWayAt,
  goBack,
  noteOn,
  pourMoves,
  pourSteps,
  preparation,
  runSheet,
  silence,
  type Timer,
  timersOf,
} from './run';
export type { Run, RunMove } from './schema';
export { MOST_CORES, type RunSummary, summariseRun } from './summary';
