import { type Path, strokesOf } from '../../surface/path';
import type { MarkDefinition, Stroke } from './define';

/** A way over the face, with an end that shows which way. */
export interface PathMark {
  readonly kind: 'path';
  readonly path: Path;
}

const lines = ({ path }: PathMark): Stroke[] =>
  strokesOf(path).map((points) => ({ points, arrow: true }));

export const path: MarkDefinition<PathMark> = {
  id: 'path',
  strokes: lines,
  hint: lines,
  at: ({ path: way }) => strokesOf(way)[0]?.[0],
  numbered: true,
  printed: true,
};
