export { type Aspect, ASPECT_IDS, ASPECTS, type Grade, gradeOf, GRADES } from './aspect';
export { type Fate, FATE_WORDS, FATES } from './fate';
export { fateIn, withFate, withFault, withGrade, withLesson, withoutLesson } from './judge';
export { makesPieces, pieceIdOf, pieceOfRun, placeOf } from './of-run';
export {
  changePhotograph,
  faceOf,
  photographsLeft,
  photographsOf,
  STATE_WORDS,
  STATES,
  withCell,
  withCorners,
  withoutCell,
  withNeutral,
  withoutTold,
  withTold,
  withMark,
  withoutMark,
  withoutPhotograph,
  withPhotograph,
} from './photographs';
export { type ColourFate, MOST_PHOTOGRAPHS, type Photograph, type Piece } from './schema';
export { type Month, type Season, seasonOf } from './season';
export { isFound, soughtOf, wordsOf } from './sought';
export { type Status, STATUS_IDS, STATUSES, statusOf } from './status';
export { type PieceSummary, summarisePiece } from './summary';
