import type { Point } from '../../surface/path';
import type { MarkDefinition, Stroke } from './define';

/** The face, or a part of it: closed rings; all of the face where none are given. */
export interface AreaMark {
  readonly kind: 'area';
  readonly ringsMm?: readonly (readonly Point[])[];
}

export const area: MarkDefinition<AreaMark> = {
  id: 'area',
  strokes: ({ ringsMm }, { rings }) =>
    (
      ringsMm ??
      rings.map((ring) =>
        Array.from({ length: ring.length / 2 }, (_, i): Point => [ring[2 * i]!, ring[2 * i + 1]!]),
      )
    ).map((points): Stroke => ({ points, closed: true })),
  hint: () => [],
  at: ({ ringsMm }) => ringsMm?.[0]?.[0],
  numbered: false,
  printed: false,
};
