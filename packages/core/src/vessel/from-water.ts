import type { Parsed } from '../quantity/parse';
import type { Vessel } from './schema';

/** Water in a cup up to a mark: 1 g is 1 mL. */
export interface WaterMark {
  readonly levelMm: number;
  readonly waterG: number;
}

/** Steps of halving: below a thousandth of a millimetre. */
const HALVINGS = 60;
/** No cup opens or closes faster than this: the wall's slope, mm out for a mm up. */
const STEEPEST = 1.5;
/** Slopes looked at on either side of upright. */
const TRIED = 600;

/**
 * A cup's inner measures from the water that fills it to two marks, where nobody can get a ruler in. V = πy(r² + r·m·y + m²y²/3) at both levels, with r
 * the floor's radius and m the wall's slope; r follows from the lower mark for any m, and m is found by halving on the upper.
 * A fault says what cannot be.
 * @param heightMm from the floor to the brim
 */
export function vesselFromWater(
  heightMm: number,
  a: WaterMark,
  b: WaterMark,
): Parsed<Pick<Vessel, 'topMm' | 'bottomMm' | 'heightMm'>> {
  const [low, high] = a.levelMm <= b.levelMm ? [a, b] : [b, a];
  if (low.levelMm <= 0 || low.waterG <= 0) return bad('The lower mark needs some water below it.');
  if (high.levelMm - low.levelMm < 5)
    return bad('The marks lie too close together: take them 5 mm apart or more.');
  if (high.waterG <= low.waterG) return bad('To the higher mark it must take more water.');
  if (high.levelMm > heightMm) return bad('A mark stands above the brim.');
  // Mean cross-section over the height, mm² ÷ π.
  const mean = ({ levelMm, waterG }: WaterMark) => (waterG * 1000) / (Math.PI * levelMm);
  const floor = (m: number): number => {
    const y = low.levelMm;
    return -(m * y) / 2 + Math.sqrt(Math.max(0, mean(low) - (m * m * y * y) / 12));
  };
  const off = (m: number): number => {
    const [r, y] = [floor(m), high.levelMm];
    return r * r + r * m * y + (m * m * y * y) / 3 - mean(high);
  };
  // Slopes whose wall crosses the axis below the upper mark are no cups.
  const tapers = Array.from({ length: 2 * TRIED + 1 }, (_, i) => ((i - TRIED) / TRIED) * STEEPEST);
  const cups = tapers.filter((m) => {
    const y = low.levelMm;
    return mean(low) > (m * m * y * y) / 12 && floor(m) > 0 && floor(m) + m * high.levelMm > 0;
  });
  let [from, to] = [cups[0] ?? 0, cups.at(-1) ?? 0];
  if (cups.length < 2 || off(from) > 0 || off(to) < 0)
    return bad('No cup with a straight wall fills like that: weigh the water once more.');
  for (let i = 0; i < HALVINGS; i++) {
    const m = (from + to) / 2;
    if (off(m) > 0) to = m;
    else from = m;
  }
  const m = (from + to) / 2;
  const [r, top] = [floor(m), floor(m) + m * heightMm];
  if (r < 1 || top < 1)
    return bad('No cup with a straight wall fills like that: weigh the water once more.');
  const tenth = (mm: number) => Number(mm.toFixed(1));
  return {
    ok: true,
    value: { topMm: tenth(2 * top), bottomMm: tenth(2 * r), heightMm },
  };
}

const bad = (fault: string): Parsed<never> => ({ ok: false, fault });
