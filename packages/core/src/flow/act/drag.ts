import type { Point } from '../../surface/path';
import { draggedFrom } from '../dragged-line';
import type { ActDefinition } from './define';

/** A tine drawn through the film to the ground; what it touches it takes along a little way. */
export interface Drag {
  readonly kind: 'drag';
  readonly lineMm: readonly Point[];
  /** How far it takes the surface along where it goes, mm, and the distance from it over which that falls by e. */
  readonly takesMm: number;
  readonly reachMm: number;
}

export const drag: ActDefinition<Drag> = {
  id: 'drag',
  weight: () => 0,
  brings: () => [],
  key: (act) => act,
  *run({ lineMm, takesMm, reachMm }, { site: { cellMm, originMm } }) {
    const line = {
      points: lineMm.map(([x, y]): Point => [
        (x + originMm[0]) / cellMm,
        (y + originMm[1]) / cellMm,
      ]),
      takes: takesMm / cellMm,
      reach: reachMm / cellMm,
    };
    yield {
      weight: 0,
      back: ({ kernel: { samples }, count }) => {
        for (let k = 0; k < count; k++) {
          const from = draggedFrom(line, samples.x[k]!, samples.y[k]!, samples.z[k]!);
          if (!from) continue;
          samples.x[k] = from[0];
          samples.y[k] = from[1];
        }
      },
    };
  },
};
