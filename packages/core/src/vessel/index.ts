export { capacityMl, fillableMl, levelAtMm, volumeAtMl, wallMm } from './frustum';
export { vesselFromWater, type WaterMark } from './from-water';
export { CUPS, type LibraryVessel, VESSELS, vesselOf } from './library';
export type { Vessel, VesselOutlet } from './schema';
