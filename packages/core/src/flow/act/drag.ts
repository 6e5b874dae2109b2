import type { Point } from '../../surface/path';
import { backBy } from '../at-once';
import { draggedAlong } from '../dragged-line';
import { inCells } from '../ground';
import { type ActDefinition, shiftedAll } from './define';

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
  fine: true,
  brings: () => [],
  key: (act) => act,
  strays: (act, { byMm }) => ({ ...act, lineMm: shiftedAll(act.lineMm, byMm) }),
  *run() {
    yield { weight: 0 };
  },
  back: ({ lineMm, takesMm, reachMm }, _, { site }) => {
    const { cellMm } = site;
    const points = inCells(lineMm, site);
    return backBy(draggedAlong({ points, takes: takesMm / cellMm, reach: reachMm / cellMm }));
  },
};
