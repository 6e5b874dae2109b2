export {
  type Added,
  addedAt,
  addedOf,
  addOn,
  pictureOn,
  picturesLeft,
  type Taken,
  withoutAdded,
  withoutPicture,
} from './at-the-table';
export { drawn, drawsOf, undrawn } from './drawn';
export { leftAfter } from './left-after';
export { pourOver } from './pour-over';
export { type Drying, type DryingAct, dryingOf } from './rack';
export {
  advance,
  beginRun,
  dueAt,
  finishMoves,
  givesWayAt,
  goBack,
  goOn,
  mixedOn,
  noteOn,
  pieceOf,
  stageMoves,
  stageSteps,
  preparation,
  restsAt,
  runSheet,
  silence,
  type Timer,
  timersOf,
} from './run';
export type { Run, RunMove } from './schema';
export { MOST_CORES, type RunSummary, summariseRun } from './summary';
