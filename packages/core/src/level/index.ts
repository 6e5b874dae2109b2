export { driftMm, type LeaningFilm } from './drift';
export { cupsUnder, type Raise, raises, type Support } from './raises';
export {
  LEVEL_MM_PER_M,
  type Orientation,
  type Slope,
  slopeOfBoth,
  slopeUnder,
  steepness,
} from './slope';
