import { apportion } from '../../quantity/apportion';
import { normalise } from '../../budget/budget';
import { limbsOf } from '../../surface/measure';
import { lengthOfLine } from '../../surface/path';
import type { Brief } from '../brief/brief';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** What is bare in the middle of a pour. */
export interface Bare {
  /** Share of the face, 0 to 1. */
  readonly face: number;
  /** Share of the edges, 0 to 1. */
  readonly edges: number;
}

/** What is bare where one stroke of letters or figures is, by its length; nothing where the face is one. */
export function strokesBare({ surface }: Plan): { readonly name: string; readonly bare: Bare }[] {
  const limbs = limbsOf(surface.shape);
  const long = limbs.map(({ alongMm }) => lengthOfLine(alongMm));
  const whole = long.reduce((sum, l) => sum + l, 0);
  return limbs.map(({ name }, i) => {
    const share = long[i]! / whole;
    return { name, bare: { face: share, edges: share } };
  });
}

/**
 * "It ran out": grams of each colour that make good what is bare, on one piece, by the scale's step and never less than one step of
 * each; and what has been set aside that may serve before anything is mixed.
 */
export function ranOut(
  plan: Plan,
  brief: Brief,
  bare: Bare,
): {
  readonly totalG: number;
  readonly colours: readonly { readonly mix: string; readonly g: number; readonly keptG: number }[];
} {
  const { factors } = brief;
  const { pieces } = brief.surface;
  const faceMl =
    ((brief.surface.areaCm2 / pieces) *
      bare.face *
      Math.max(factors['film-stays'], brief.budget.stayMm) *
      factors['laid-for-stays']) /
    10;
  const depthCm2 = (brief.surface.outlineMm * plan.surface.edgeDepthMm) / 100;
  const edgeMl = (depthCm2 * bare.edges * factors['edge-film']) / 10;
  const shares = normalise(plan.budget.shares).filter((s) => s.share > 0);
  const { densityOf } = openPlan(plan);
  const step = plan.budget.stepG;
  const wanted = shares.map((s) => s.share * (faceMl + edgeMl) * densityOf(s.mix));
  const grams = apportion(wanted, step).map((g, i) => (wanted[i]! > 0 ? Math.max(step, g) : g));
  return {
    totalG: Number(grams.reduce((sum, g) => sum + g, 0).toFixed(6)),
    colours: shares.map((s, i) => ({
      mix: s.mix,
      g: grams[i]!,
      keptG: brief.budget.pots
        .filter((p) => p.mix === s.mix && (p.use === 'keep' || p.use === 'extender'))
        .reduce((sum, p) => sum + p.g, 0),
    })),
  };
}
