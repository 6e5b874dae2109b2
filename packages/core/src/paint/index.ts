export { PIGMENTS, type Pigment } from './pigment';
export { densityOf, isMetallic, mixWeightOf, notModelled, viscosityOf } from './property';
export type { Body, Finish, OpacityClass, Paint } from './schema';
