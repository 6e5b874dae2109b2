export { measureSurface, shapeOf, SHAPES, type SurfaceMeasure } from './measure';
export type { Shape, Surface } from './schema';
