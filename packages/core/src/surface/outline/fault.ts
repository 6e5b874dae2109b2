import { areaOf } from './measure';
import { crossingOf } from './crossing';
import { extentOf, type Ring } from './ring';

const LEAST_MM = 5;
const MOST_MM = 5000;
/** Every edge may have to be held against every other. */
const MOST_POINTS = 12_000;

/** What keeps rings from being a surface, in words with how to mend it; undefined where nothing does. */
export function outlineFault(rings: readonly Ring[]): string | undefined {
  if (rings.length === 0) return 'encloses nothing: draw a closed outline of at least three points';
  const { widthMm, heightMm } = extentOf(rings);
  const size = `${round(widthMm)} × ${round(heightMm)} mm`;
  if (Math.max(widthMm, heightMm) > MOST_MM)
    return `is ${size}; ${MOST_MM} mm is the most: check the unit it was drawn in`;
  if (Math.min(widthMm, heightMm) < LEAST_MM)
    return `is ${size}; ${LEAST_MM} mm is the least: check the unit it was drawn in`;
  const points = rings.reduce((sum, ring) => sum + ring.length / 2, 0);
  if (points > MOST_POINTS)
    return `has ${points} points; ${MOST_POINTS} is the most: simplify it where it was drawn`;
  const crossing = crossingOf(rings);
  if (crossing)
    return `crosses itself at ${round(crossing[0])}, ${round(crossing[1])} mm: move the lines apart there, or join the shapes in the drawing`;
  if (areaOf(rings) < 1) return 'has no area: its lines lie on each other';
  return undefined;
}

const round = (mm: number): number => Number(mm.toPrecision(4));
