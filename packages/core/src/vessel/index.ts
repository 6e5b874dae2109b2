export { capacityMl, fillableMl, levelAtMm, volumeAtMl, wallMm } from './frustum';
export { vesselFromWater, type WaterMark } from './from-water';
export { CUPS, type LibraryVessel, type UsualOutlet, VESSELS, vesselOf } from './library';
export type { Vessel } from './schema';
