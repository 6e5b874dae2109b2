export { diveOf, type Outlet, STREAM_BINS, type Stratum, withdraw } from './withdraw';
export { type Emitted, emission, type Leaving } from './emission';
export { firstInFirstOut, outletOf } from './outlets';
export { type Pace, paceOf } from './pace';
export { sinking } from './sinking';
export { strataOf } from './strata';
export {
  type ColourPot,
  layersOf,
  loadCups,
  type LoadedCup,
  type LoadedLayer,
  pinnedMl,
} from './load';
export type { Cup, Layer } from './schema';
