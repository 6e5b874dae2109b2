import type { Outcome } from '../flow/outcome';
import { trim } from '../quantity/show';
import { limbWords, shapeOf } from '../surface/measure';
import type { Surface } from '../surface/schema';
import { longerTilts } from './longer-tilts';
import type { RemarkDefinition } from './evidence';

const COUNTS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six'] as const;

export const staysBare: RemarkDefinition = {
  id: 'stays-bare',
  see: ({ plan, measure, amounts, outcome, factors }) => {
    if (!outcome) return [];
    const bareShare = 1 - outcome.coveredShare;
    const corners = outcome.bareMm.length;
    if (corners === 0 && bareShare < factors['bare-speck']) return [];
    const cm2 = (bareShare * measure.areaCm2) / measure.pieces;
    const off = Object.values(outcome.spiltMl).reduce((a, b) => a + b, 0) / outcome.laidMl;
    // What is poured more is shared with the run-off as the rest was.
    const ml = (cm2 * factors['front-into-corner']) / 10 / Math.max(0.1, 1 - off);
    const g = Math.max(10, 10 * Math.ceil((ml * (amounts.totalG / amounts.totalMl)) / 10));
    const patch = longerTilts(plan.moves, corners > 0 ? towards(plan.surface, outcome) : undefined);
    const there = corners > 0 ? ' there' : '';
    return [
      {
        severity: 'spoils',
        about: '/moves',
        message:
          corners > 0
            ? `${COUNTS[corners] ?? String(corners)} ${placeWord(plan.surface, corners)} ${corners === 1 ? 'stays' : 'stay'} bare.`
            : `${trim(100 * bareShare, 0)} % of the surface stays bare${barest(outcome)}.`,
        advice: `Tilt further${there}, or pour about ${g} g more.`,
        numbers: { corners, bareCm2: cm2, g },
        ...(patch.length > 0 ? { fix: { label: `Tilt half as long again${there}`, patch } } : {}),
      },
    ];
  },
};

/** Of a face of strokes the one that lacks most, as a sentence's end. */
function barest({ limbs = [] }: Outcome): string {
  const [least] = [...limbs].sort((a, b) => a.coveredShare - b.coveredShare);
  return least
    ? `, most on ${limbWords(least.name)}: ${trim(100 * (1 - least.coveredShare), 0)} % of it`
    : '';
}

/** Directions from the middle to the bare places, degrees. */
function towards({ shape }: Surface, { bareMm }: Outcome): number[] {
  const { widthMm, heightMm } = shapeOf(shape).bounds(shape);
  return bareMm.map(([x, y]) => (Math.atan2(y - heightMm / 2, x - widthMm / 2) * 180) / Math.PI);
}

function placeWord({ shape }: Surface, count: number): string {
  const { one, many } = shapeOf(shape).reachName;
  return count === 1 ? one : many;
}
