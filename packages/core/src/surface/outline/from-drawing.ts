import type { Parsed } from '../../quantity/parse';
import { MOST_PATH, type Outline } from '../shape/outline';
import { outlineFault } from './fault';
import { readPath } from './path-data';
import { atOrigin, pathOf, placed, type Ring } from './ring';
import { simplified } from './simplify';

/** Points of the outlines that are to become one surface: each round of simplifying goes through all of them. */
const MOST_POINTS = 60_000;

/** An outline keeps within this of what was drawn, mm; coarser only where it would be too long for a plan. */
const TOLERANCE_MM = 0.1;

/** A surface from rings in units of a drawing. Its fault is a sentence that says what is wrong and how to mend it. */
export function outlineFrom(drawn: readonly Ring[], mmPerUnit: number): Parsed<Outline> {
  const points = drawn.reduce((sum, ring) => sum + ring.length / 2, 0);
  if (points > MOST_POINTS)
    return {
      ok: false,
      fault: `The outline has ${points} points; ${MOST_POINTS} is the most. Simplify it where it was drawn.`,
    };
  const rings = atOrigin(placed(drawn, 0, 0, mmPerUnit));
  for (let toleranceMm = TOLERANCE_MM; ; toleranceMm *= 2) {
    const fewer = rings.map((r) => simplified(r, toleranceMm)).filter((r) => r.length > 0);
    const path = pathOf(fewer);
    if (path.length > MOST_PATH / 2 && toleranceMm < 2) continue;
    const fault =
      path.length > MOST_PATH
        ? 'has too many points for a plan'
        : outlineFault(fewer.length > 0 ? fewer : rings);
    return fault === undefined
      ? { ok: true, value: { kind: 'outline', path } }
      : { ok: false, fault: `The outline ${fault}.` };
  }
}

/** A surface from SVG path data as it is typed or pasted, in units of so many mm. */
export function outlineFromPath(path: string, mmPerUnit: number): Parsed<Outline> {
  try {
    return outlineFrom(readPath(path, TOLERANCE_MM / mmPerUnit), mmPerUnit);
  } catch (error) {
    return { ok: false, fault: `This is no SVG path data: ${(error as Error).message}.` };
  }
}
