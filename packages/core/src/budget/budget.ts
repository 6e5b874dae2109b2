import { type Factors, factorsWith } from '../factor';
import { apportion } from '../quantity/apportion';
import type { SurfaceMeasure } from '../surface/measure';
import type { Budget, Pot, PotUse } from './schema';
import { SCHOOLS } from './school';
import { LEAN_ML_PER_CM2 } from './school/lean';

/** An amount of one mix set aside for one use. `colour` pots go into the cups. */
export interface PotAmount {
  readonly use: PotUse | 'colour';
  readonly mix: string;
  readonly g: number;
  readonly ml: number;
}

/** How much to mix. All figures are for all pieces; `perPiece` stands beside them. */
export interface Amounts {
  readonly totalG: number;
  readonly totalMl: number;
  /** Film of colours laid, mm: volume over the face, and over the edges where they are counted. */
  readonly laidMm: number;
  /** What is expected to stay of it, mm. */
  readonly stayMm: number;
  /** Share of the colours that is expected to run off. */
  readonly runOffShare: number;
  /** Wet film on the face once all has run off, base with it, mm. */
  readonly onFaceMm: number;
  /** What is laid in the pour: colours, base, edges, activator, extender; not what is kept, g. */
  readonly pouredG: number;
  /** What of it runs off: all that does not stay, g. */
  readonly runOffG: number;
  /** Mass of what is expected to stay on one piece, base and edges with it, g. */
  readonly staysG: number;
  readonly perPiece: { readonly totalG: number; readonly totalMl: number };
  readonly pots: readonly PotAmount[];
}

export interface BudgetSetting {
  readonly measure: SurfaceMeasure;
  /** Paint cannot leave over a raised rim. */
  readonly raisedRim: boolean;
  readonly densityOf: (mix: string) => number;
  /** What is made of a mix of which so much is needed, where amounts are rounded: never less. */
  readonly madeG?: (mix: string, neededG: number) => number;
  readonly factors?: Factors;
}

/**
 * Works out every pot. Colours follow the school; under the generous one a base coat is taken out of them, since
 * its figure covers everything that is laid, but never below the lean figure. What a technique lays only a part of is that part; insurance comes
 * on it.
 * Masses are rounded to the scale's step, or volumes to the marks of the measuring cup, so that their sum stays.
 */
export function reckon(budget: Budget, setting: BudgetSetting): Amounts {
  const { measure, raisedRim, densityOf, factors = factorsWith() } = setting;
  const shares = normalise(budget.shares);
  const mlPerG = shares.reduce((sum, s) => sum + s.share / densityOf(s.mix), 0);
  const school = SCHOOLS[budget.school];
  const countsEdges = edgesCounted(budget);
  const asked = school.colours(measure, { ...budget, countEdges: countsEdges });
  // What the figure holds beside colours: a base under some schools, and the edges where they are counted in.
  const heldG = budget.pots
    .filter((p) => (p.use === 'base' && school.holdsBase) || (p.use === 'edge' && countsEdges))
    .reduce((sum, p) => sum + potG(p, 0, setting), 0);
  let coloursG = 'g' in asked ? asked.g : asked.ml / mlPerG;
  if (heldG > 0) {
    const leanG = (measure.areaCm2 * LEAN_ML_PER_CM2) / mlPerG;
    coloursG = Math.max(coloursG - heldG, Math.min(coloursG, leanG));
  }
  coloursG *= (budget.part ?? 1) * (1 + budget.insurance);

  const amount = (use: PotAmount['use'], mix: string, g: number): PotAmount => ({
    use,
    mix,
    g,
    ml: g / densityOf(mix),
  });
  const measured = (wanted: readonly { readonly mix: string; readonly g: number }[]): number[] => {
    const { stepG, stepMl } = budget;
    if (stepMl === undefined)
      return apportion(
        wanted.map((w) => w.g),
        stepG,
      );
    return apportion(
      wanted.map(({ mix, g }) => g / densityOf(mix)),
      stepMl,
    ).map((ml, i) => ml * densityOf(wanted[i]!.mix));
  };
  const spread = (use: PotAmount['use'], g: number): PotAmount[] => {
    const wanted = shares.map((s) => ({ mix: s.mix, g: s.share * g }));
    return measured(wanted).map((part, i) => amount(use, wanted[i]!.mix, part));
  };
  const needed = [
    ...spread('colour', coloursG),
    ...budget.pots.flatMap((pot) => {
      const g = potG(pot, coloursG, setting);
      return pot.mix === undefined
        ? spread(pot.use, g)
        : [amount(pot.use, pot.mix, measured([{ mix: pot.mix, g }])[0]!)];
    }),
  ].filter((pot) => pot.g > 0 || pot.use === 'colour');
  const pots = setting.madeG ? needed.map(withRest(needed, setting.madeG, densityOf)) : needed;

  const sum = (of: 'g' | 'ml', ...uses: readonly PotAmount['use'][]): number =>
    pots.reduce((total, p) => total + (uses.includes(p.use) ? p[of] : 0), 0);
  const colourMl = sum('ml', 'colour');
  const totalG = pots.reduce((total, p) => total + p.g, 0);
  const totalMl = pots.reduce((total, p) => total + p.ml, 0);
  const laidMm = (colourMl / (measure.areaCm2 + (countsEdges ? measure.edgeCm2 : 0))) * 10;
  const stayMm = raisedRim ? laidMm : Math.min(laidMm, factors['film-stays']);
  const wetMm = ((colourMl + sum('ml', 'base')) / measure.areaCm2) * 10;
  const onFaceMm = raisedRim ? wetMm : Math.min(wetMm, factors['film-stays']);
  const pouredG = sum('g', 'colour', 'base', 'edge', 'activator', 'extender');
  // What stays on the face is of everything that was laid there alike; what wets the edges stays on them.
  const faceG = wetMm > 0 ? (sum('g', 'colour', 'base') * onFaceMm) / wetMm : 0;
  // Nothing leaves over a raised rim.
  const staysG = raisedRim ? pouredG : Math.min(pouredG, faceG + sum('g', 'edge'));
  return {
    totalG,
    totalMl,
    laidMm,
    stayMm,
    staysG: staysG / measure.pieces,
    onFaceMm,
    pouredG,
    runOffG: pouredG - staysG,
    runOffShare: laidMm > 0 ? 1 - stayMm / laidMm : 0,
    perPiece: { totalG: totalG / measure.pieces, totalMl: totalMl / measure.pieces },
    pots,
  };
}

/** What is made of a mix over what its pots ask for goes into the first of them: its colours, as far as it has any. */
function withRest(
  needed: readonly PotAmount[],
  madeG: (mix: string, neededG: number) => number,
  densityOf: (mix: string) => number,
): (pot: PotAmount, index: number) => PotAmount {
  return (pot, index) => {
    if (needed.findIndex((p) => p.mix === pot.mix) !== index) return pot;
    const neededG = needed.reduce((sum, p) => sum + (p.mix === pot.mix ? p.g : 0), 0);
    const g = Number((pot.g + madeG(pot.mix, neededG) - neededG).toFixed(6));
    return { ...pot, g, ml: g / densityOf(pot.mix) };
  };
}

/** Shares made to add up to 1; all alike where none is set. */
export function normalise(
  shares: Budget['shares'],
): { readonly mix: string; readonly share: number }[] {
  const sum = shares.reduce((total, s) => total + s.share, 0);
  return shares.map((s) => ({ mix: s.mix, share: sum > 0 ? s.share / sum : 1 / shares.length }));
}

/** What wetting the edges covers, all pieces, cm²: covered sides, and a band of the face along the outline. */
export const wetEdgeCm2 = (
  { edgeCm2, outlineMm, pieces }: Pick<SurfaceMeasure, 'edgeCm2' | 'outlineMm' | 'pieces'>,
  factors: Factors,
): number => edgeCm2 + (outlineMm * factors['edge-band'] * pieces) / 100;

/** Mass a pot asks for before rounding. A film of the edge pot lies where edges are wetted, any other on the face. */
function potG(
  pot: Pot,
  coloursG: number,
  { measure, densityOf, factors = factorsWith() }: BudgetSetting,
): number {
  if (pot.g !== undefined) return pot.g;
  if (pot.share !== undefined) return pot.share * coloursG;
  const density = pot.mix === undefined ? factors['mixed-weighs'] : densityOf(pot.mix);
  const areaCm2 = pot.use === 'edge' ? wetEdgeCm2(measure, factors) : measure.areaCm2;
  return (pot.ml ?? ((pot.filmMm ?? 0) * areaCm2) / 10) * density;
}

/** Whether a budget's figure covers the edges too: by its switch, else where nothing is set aside for them. Edges are budgeted once. */
export const edgesCounted = ({ school, countEdges, pots }: Budget): boolean =>
  SCHOOLS[school].mayCountEdges === true && (countEdges ?? !pots.some((p) => p.use === 'edge'));

/** What runs off, in words: a figure of one account wherever it is told. */
export const runOffWords = ({ runOffG, pouredG }: Pick<Amounts, 'runOffG' | 'pouredG'>): string =>
  pouredG > 0 && runOffG > 0
    ? `about ${Math.round(runOffG)} g (${Math.round((runOffG / pouredG) * 100)} %) run off`
    : 'nothing runs off';
