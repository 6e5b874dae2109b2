export { diveOf, type Outlet, STREAM_BINS, type Stratum, withdraw } from './withdraw';
export { type Emitted, emission } from './emission';
export {
  type ColourPot,
  layersOf,
  loadCups,
  type LoadedCup,
  type LoadedLayer,
  pinnedMl,
} from './load';
export type { Cup, Layer } from './schema';
