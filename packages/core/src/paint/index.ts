export { PIGMENTS, type Pigment } from './pigment';
export {
  blendsTrue,
  densityOf,
  isMetallic,
  mixWeightOf,
  notModelled,
  viscosityOf,
} from './property';
export { REACTED, reactionOf } from './reaction';
export type { Reaction, ReactionSide } from './reaction-schema';
export type { Body, Finish, OpacityClass, Paint } from './schema';
