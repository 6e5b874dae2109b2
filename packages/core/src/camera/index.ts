export { chance } from './chance';
export { exposed } from './exposed';
export type { Flat } from './flat';
export { handShot, type Shot } from './shot';
export { onPhotograph } from './standing';
