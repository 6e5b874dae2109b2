import type { Shape, Surface } from './schema';

/** A white-primed, open, indoor surface of this shape with bare edges: what a new plan starts from. */
export const plainSurface = (shape: Shape, change: Partial<Surface> = {}): Surface => ({
  shape,
  edgeDepthMm: 0,
  coverEdges: false,
  rim: { kind: 'open' },
  absorbency: 'primed',
  ground: { hex: '#f4f4f1', finish: 'matt' },
  pieces: 1,
  use: 'indoor',
  ...change,
});
