export { FONTS, type FontId } from './font';
export { limbsOf, measureSurface, shapeOf, SHAPES, type SurfaceMeasure } from './measure';
export { outlineFrom, outlineFromPath } from './outline/from-drawing';
export { type Drawing, MOST_SVG, readSvg } from './outline/svg-file';
export { plainSurface } from './plain';
export type { Shape, Surface } from './schema';
export { regularPolygon } from './shape/polygon';
export type { Limb } from './shape/shape';
export { type SizeUnit, sizeWords } from './size-words';
