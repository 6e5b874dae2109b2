export { capacityMl, fillableMl, levelAtMm, volumeAtMl, wallMm } from './frustum';
export { VESSELS, vesselOf } from './library';
export type { Vessel } from './schema';
