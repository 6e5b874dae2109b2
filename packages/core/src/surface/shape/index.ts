import { glyphs } from './glyphs';
import { outline } from './outline';
import { oval } from './oval';
import { polygon } from './polygon';
import { rect } from './rect';
import { ring } from './ring';
import { round } from './round';
import { registry } from '../../registry';
import type { ShapeDefinition } from './shape';

const ALL = [rect, round, oval, ring, polygon, outline, glyphs] as const;

/** The outline of a surface, as a document holds it. */
export type Shape = Parameters<(typeof ALL)[number]['areaMm2']>[0];

/** Every surface shape by its kind. To add one, copy a file here and name it in this list. */
export const SHAPES = registry<ShapeDefinition<Shape>>()('shape', ALL);

/** The definition that fits this shape. */
export const shapeOf = (shape: Shape): ShapeDefinition<Shape> => SHAPES[shape.kind];
