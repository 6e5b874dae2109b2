import { shapeOf } from '../surface/measure';
import { longerTilts } from './longer-tilts';
import type { RemarkDefinition } from './evidence';

/** A front needs about this much film to get into a corner, mm (the arrest height of dry ground and a little over). */
const FRONT_MM = 1.2;
const COUNTS = ['no', 'One', 'Two', 'Three', 'Four', 'Five', 'Six'] as const;

export const cornersBare: RemarkDefinition = {
  code: 'corners-bare',
  see: ({ plan, measure, amounts, outcome }) => {
    const bare = outcome?.bareMm ?? [];
    if (!outcome || bare.length === 0) return [];
    const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
    const directions = bare.map(
      ([x, y]) => (Math.atan2(y - heightMm / 2, x - widthMm / 2) * 180) / Math.PI,
    );
    const cm2 = ((1 - outcome.coveredShare) * measure.areaCm2) / measure.pieces;
    const off = Object.values(outcome.spiltMl).reduce((a, b) => a + b, 0) / outcome.laidMl;
    // What is poured more is shared with the run-off as the rest was.
    const ml = (cm2 * FRONT_MM) / 10 / Math.max(0.1, 1 - off);
    const g = Math.max(10, 10 * Math.ceil((ml * (amounts.totalG / amounts.totalMl)) / 10));
    const patch = longerTilts(plan.moves, directions);
    const round = plan.surface.shape.kind === 'round';
    const what = round
      ? bare.length === 1
        ? 'place at the rim'
        : 'places at the rim'
      : bare.length === 1
        ? 'corner'
        : 'corners';
    return [
      {
        severity: 'spoils',
        about: '/moves',
        message: `${COUNTS[bare.length] ?? String(bare.length)} ${what} ${bare.length === 1 ? 'stays' : 'stay'} bare.`,
        advice: `Tilt further there, or pour about ${g} g more.`,
        numbers: { bare: bare.length, bareCm2: cm2, g },
        ...(patch.length > 0 ? { fix: { label: 'Tilt half as long again there', patch } } : {}),
      },
    ];
  },
};
