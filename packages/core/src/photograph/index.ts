export { findCorners } from './find-corners';
export { findRim } from './find-rim';
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
