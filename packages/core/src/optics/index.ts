export { blend } from './blend';
export {
  type Arrangement,
  type ArrangementId,
  ARRANGEMENTS,
  arranged,
  type Swatch,
} from './arrangement';
export { type ColourName, colourName } from './colour-name';
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
export { type Dominant, dominantColours } from './dominant';
export { evened, type Evener, EVENERS, meanColour } from './evened';
export { spotWithin } from './spot-within';
export { JUDGED, judgedBy } from './judged';
export { hexToLab } from './lab';
export { darkestOf, palestOf } from './palest';
export { byNearness, type Match, nearest } from './nearest';
export { type Neighbours, neighbours } from './neighbour';
export {
  contrastRatio,
  judgedTint,
  opacityOfCoat,
  type PaintOptics,
  paintOptics,
  qOf,
  ratioSeen,
  REFERENCE_UM,
  reserveOf,
} from './reserve';
export { barSeen, classSeen } from './seen';
export { hexToSpectrum, luminance, type Spectrum, spectrumToHex } from './spectrum';
export { hexToOklch, oklch, type Oklch, oklchToHex } from './oklch';
export { type RelativeFound, type RelativeId, RELATIVES, relativesAmong } from './relative';
export { SWATCH_WHITE } from './tint-swatch';
export { hexToLinear, linearToHex, type Rgb } from './srgb';
