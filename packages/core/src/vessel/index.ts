export { capacityMl, fillableMl, levelAtMm, volumeAtMl } from './frustum';
export { VESSELS, vesselOf } from './library';
export type { Vessel } from './schema';
