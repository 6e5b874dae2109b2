export { measureSurface, shapeOf, SHAPES, type SurfaceMeasure } from './measure';
export { plainSurface } from './plain';
export type { Shape, Surface } from './schema';
export { type SizeUnit, sizeWords } from './size-words';
