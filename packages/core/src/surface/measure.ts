import type { Surface } from './schema';
import { type Shape, shapeOf, SHAPES } from './shape';
import type { Limb } from './shape/shape';

export { shapeOf, SHAPES };

/** Parts of a shape that want paint of their own; none where the face is one. */
export const limbsOf = (shape: Shape): readonly Limb[] => shapeOf(shape).limbs?.(shape) ?? [];

/** A part's name in words: "stroke 1 of 2", the second of the same letter "stroke 1 of A2". */
export const limbWords = (name: string): string => {
  const [letter, stroke] = name.split('.');
  return `stroke ${stroke} of ${letter}`;
};

export interface SurfaceMeasure {
  /** Face area of all pieces, cm². */
  readonly areaCm2: number;
  /** Area of the edges that are to be covered, all pieces, cm²: outline × depth. 0 where they are left bare. */
  readonly edgeCm2: number;
  /** Outline of one piece, mm. */
  readonly outlineMm: number;
  readonly pieces: number;
  /** Names of the parts of one piece that want paint of their own; absent where the face is one. */
  readonly limbs?: readonly string[];
}

/** Areas a surface offers to paint. Sets multiply. */
export function measureSurface(surface: Surface): SurfaceMeasure {
  const shape = shapeOf(surface.shape);
  const outlineMm = shape.outlineMm(surface.shape);
  const limbs = limbsOf(surface.shape);
  return {
    areaCm2: (shape.areaMm2(surface.shape) / 100) * surface.pieces,
    // Nothing goes over a raised rim.
    edgeCm2:
      surface.coverEdges && surface.rim.kind === 'open'
        ? ((outlineMm * surface.edgeDepthMm) / 100) * surface.pieces
        : 0,
    outlineMm,
    pieces: surface.pieces,
    ...(limbs.length > 0 ? { limbs: limbs.map((l) => l.name) } : {}),
  };
}
