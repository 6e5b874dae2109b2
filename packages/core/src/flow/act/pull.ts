import { lengthOfLine, type Point } from '../../surface/path';
import { carriedBy } from '../carried-by';
import { inCells } from '../ground';
import { pulledOff } from '../pulled-off';
import { type ActDefinition, shiftedAll } from './define';

/** A string that lies in the film, pulled off by its end: the surface goes along with it. */
export interface Pull {
  readonly kind: 'pull';
  /** How it lies, from its free end to the one it is pulled by. */
  readonly lineMm: readonly Point[];
  readonly towardDeg: number;
  /** Its radius with its coat, mm. */
  readonly radiusMm: number;
  /** What the surface on it goes along of its way, 0..1. */
  readonly takes: number;
}

/** Beside it the surface goes along as a bell as wide as so many of its radii, and never finer than so many cells (tuned by eye). */
const BELL = 1.2;
const LEAST_CELLS = 1.5;
/** The surface goes no farther in a stretch than this part of the bell: places keep their order. */
const PER_STRETCH = 0.7;
/** However long it is, it is gone in so many stretches: a bell beside a longer one is so much wider. */
const MOST_STRETCHES = 120;

export const pull: ActDefinition<Pull> = {
  id: 'pull',
  weight: () => 0,
  fine: true,
  brings: () => [],
  key: (act) => act,
  strays: (act, { byMm }) => ({ ...act, lineMm: shiftedAll(act.lineMm, byMm) }),
  *run() {
    yield { weight: 0 };
  },
  back: ({ lineMm, towardDeg, radiusMm, takes }, _, { site }) => {
    const points = inCells(lineMm, site);
    const length = lengthOfLine(points);
    const { bell, stretches } = inStretches(takes * length, radiusMm / site.cellMm);
    const moves = Array.from({ length: stretches }, (_, n) =>
      pulledOff(points, towardDeg, n / stretches, (n + 1) / stretches, bell / 2),
    );
    return carriedBy(moves, takes, bell, site);
  },
};

/** The width of the bell beside a string of such a radius, and in how many stretches the surface goes so far; all in cells. */
export function inStretches(far: number, radius: number): { bell: number; stretches: number } {
  const bell = Math.max(LEAST_CELLS, BELL * radius, far / (PER_STRETCH * MOST_STRETCHES));
  return { bell, stretches: Math.max(1, Math.ceil(far / (PER_STRETCH * bell) - 1e-9)) };
}
