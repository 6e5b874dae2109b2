export { PIGMENTS, type Pigment } from './pigment';
export {
  blendsTrue,
  densityOf,
  isMetallic,
  mixWeightOf,
  notModelled,
  viscosityOf,
} from './property';
export { REACTED, type Reaction, reactionOf, type ReactionSide } from './reaction';
export type { Body, Finish, OpacityClass, Paint } from './schema';
