import type { SchoolId } from '../../budget/schema';
import { SCHOOLS } from '../../budget/school';
import { idsOf } from '../../registry';
import { shapeOf } from '../../surface/measure';
import { SIZES, type StockSize } from '../../surface/sizes';
import type { Brief } from '../brief/brief';
import { withSchool } from '../beginning/needs';
import { amountsOf } from './schools';
import type { Plan } from '../document/schema';
import type { Studio } from '../document/studio';

/** How far an amount of paint goes under one school. */
export interface Reach {
  readonly school: SchoolId;
  /** The largest face it covers, one piece of this plan's edges, cm². */
  readonly areaCm2: number;
  /** Sides of a rectangle of this plan's proportion with that face, mm; two alike where the surface is round. */
  readonly sidesMm: readonly [number, number];
  /** How tall letters of this plan may be, mm, where its surface is letters. */
  readonly lettersMm?: number;
  /** The largest blank on sale by this unit that it covers, if any. */
  readonly size?: StockSize;
}

/**
 * "I have 180 g: what size?" All of it is used, pots and insurance included, for one piece. A blank on sale is tried as it is sold, with
 * its own edges where this plan covers edges.
 * @param unit whether blanks sold by cm or by inches are looked through
 */
export const reachOf = (
  plan: Plan,
  haveG: number,
  studio: Studio = {},
  unit: StockSize['unit'] = 'cm',
): Reach[] =>
  idsOf(SCHOOLS).map((school) => {
    const { budget } = withSchool(plan, school);
    const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
    const letters = plan.surface.shape.kind === 'glyphs' ? plan.surface.shape : undefined;
    const takes = (surface: Plan['surface']): number =>
      amountsOf(plan, { budget, surface }, studio).totalG;
    const scaled = (k: number): Plan['surface'] => ({
      ...plan.surface,
      pieces: 1,
      shape: letters
        ? { ...letters, heightMm: letters.heightMm * k }
        : { kind: 'rect', widthMm: widthMm * k, heightMm: heightMm * k },
    });
    const k = largest((factor) => takes(scaled(factor)) <= haveG, 1e-3, 50);
    const found = scaled(k);
    const size = (letters ? [] : SIZES)
      .filter(
        ({ shape, edgeDepthMm, unit: sold }) =>
          sold === unit && takes({ ...plan.surface, pieces: 1, shape, edgeDepthMm }) <= haveG,
      )
      .reduce<StockSize | undefined>(
        (best, s) => (best === undefined || faceOf(s) > faceOf(best) ? s : best),
        undefined,
      );
    return {
      school,
      areaCm2: shapeOf(found.shape).areaMm2(found.shape) / 100,
      ...(letters ? { lettersMm: letters.heightMm * k } : {}),
      sidesMm: [widthMm * k, heightMm * k] as const,
      ...(size === undefined ? {} : { size }),
    };
  });

const faceOf = ({ shape }: StockSize): number => shapeOf(shape).areaMm2(shape);

/** The largest number in a range that still passes, by halving; the least where none does. */
function largest(passes: (n: number) => boolean, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (passes(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** How a surface fares with a given amount. */
export type Verdict = 'bare' | 'stretched' | 'sound' | 'plenty';

/** "How thin?" This surface with so much paint of this plan's kind: the film it lays, and how that fares. */
export function thinnessOf(
  plan: Plan,
  brief: Brief,
  haveG: number,
): { readonly laidMm: number; readonly verdict: Verdict } {
  const sum = (uses: readonly string[], of: 'g' | 'ml'): number =>
    brief.budget.pots.filter((p) => uses.includes(p.use)).reduce((total, p) => total + p[of], 0);
  const coloursG = sum(['colour'], 'g');
  // Base, activator and edges are laid whatever is left for the cups; what would be kept back is poured.
  const leftG = Math.max(0, haveG - sum(['base', 'activator', 'edge'], 'g'));
  const laidMm = coloursG > 0 ? (brief.budget.laidMm * leftG) / coloursG : 0;
  const based = brief.budget.pots.some((p) => p.use === 'base');
  const film = laidMm + (based ? brief.factors['base-helps'] : 0);
  return {
    laidMm,
    verdict:
      film < brief.factors['patchy-below']
        ? 'bare'
        : film < brief.factors['stretched-below']
          ? 'stretched'
          : laidMm > brief.budget.laidMm * 1.15
            ? 'plenty'
            : 'sound',
  };
}
