export { blend } from './blend';
export { type ColourName, colourName, oklch } from './colour-name';
export { deltaE2000 } from './delta-e';
export {
  DRAWN_BLACK,
  DRAWN_WHITE,
  filmReflectance,
  filmSpectrum,
  kOverS,
  reflectanceOf,
  TEST_WHITE,
  type Tint,
} from './film';
export { greyOf } from './grey';
export { hexToLab } from './lab';
export { type Match, nearest } from './nearest';
export { type Neighbours, neighbours } from './neighbour';
export {
  classOf,
  contrastRatio,
  type PaintOptics,
  paintOptics,
  qOf,
  REFERENCE_UM,
  reserveOf,
} from './reserve';
export { hexToSpectrum, luminance, type Spectrum, spectrumToHex } from './spectrum';
export { hexToLinear, linearToHex, type Rgb } from './srgb';
