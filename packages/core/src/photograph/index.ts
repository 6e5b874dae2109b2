export type { Rings } from './find-outline';
export { findPiece } from './find-piece';
export { isHeic, MOST_PIXELS, pictureFault, type PictureHead } from './head';
export {
  boxOf,
  type Corners,
  type Homography,
  homographyOf,
  type Place,
  through,
} from './homography';
export type { EvenedBy, Neutral } from './light';
export { solve } from './solve';
export { type SquaredUp, squaredUp } from './square-up';
export type { Pixels } from './table';
