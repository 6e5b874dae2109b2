export { FONTS, type FontId } from './font';
export {
  limbsOf,
  limbWords,
  measureSurface,
  shapeOf,
  SHAPES,
  type SurfaceMeasure,
} from './measure';
export { ringsInBox } from './in-box';
export {
  type Path,
  PATHS,
  type PathKind,
  pathShapeOf,
  pathWords,
  type Point,
  strokesOf,
} from './path';
export { outlineFrom, outlineFromPath } from './outline/from-drawing';
export { type Drawing, MOST_SVG, readSvg } from './outline/svg-file';
export { plainSurface } from './plain';
export type { Shape, Surface } from './schema';
export { type Magnet, magnetsOf, snap, type Snapped } from './snap';
export { type Support, SUPPORTS } from './supports';
export { SIZES, type StockSize } from './sizes';
export { regularPolygon } from './shape/polygon';
export type { Limb } from './shape/shape';
export { type SizeUnit, sizeWords } from './size-words';
