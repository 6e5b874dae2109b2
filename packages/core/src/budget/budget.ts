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
  /** Film of colours laid, mm: volume over the area its school counts. */
  readonly laidMm: number;
  /** What is expected to stay of it, mm. */
  readonly stayMm: number;
  readonly runOffShare: number;
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
  readonly factors?: Factors;
}

/**
 * Works out every pot. Colours follow the school; under the generous one a base coat is taken out of them, since
 * its figure covers everything that is laid, but never below the lean figure. Insurance comes on the colours.
 * Masses are rounded to the scale's step, or volumes to the marks of the measuring cup, so that their sum stays.
 */
export function reckon(budget: Budget, setting: BudgetSetting): Amounts {
  const { measure, raisedRim, densityOf, factors = factorsWith() } = setting;
  const shares = normalise(budget.shares);
  const mlPerG = shares.reduce((sum, s) => sum + s.share / densityOf(s.mix), 0);
  const school = SCHOOLS[budget.school];
  const asked = school.colours(measure, budget);
  const baseG = budget.pots
    .filter((p) => p.use === 'base')
    .reduce((sum, p) => sum + potG(p, 0, setting), 0);
  let coloursG = 'g' in asked ? asked.g : asked.ml / mlPerG;
  if (school.holdsBase && baseG > 0) {
    const leanG = (measure.areaCm2 * LEAN_ML_PER_CM2) / mlPerG;
    coloursG = Math.max(coloursG - baseG, Math.min(coloursG, leanG));
  }
  coloursG *= 1 + budget.insurance;

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
  const pots = [
    ...spread('colour', coloursG),
    ...budget.pots.flatMap((pot) => {
      const g = potG(pot, coloursG, setting);
      return pot.mix === undefined
        ? spread(pot.use, g)
        : [amount(pot.use, pot.mix, measured([{ mix: pot.mix, g }])[0]!)];
    }),
  ].filter((pot) => pot.g > 0 || pot.use === 'colour');

  const colourMl = pots.filter((p) => p.use === 'colour').reduce((sum, p) => sum + p.ml, 0);
  const totalG = pots.reduce((sum, p) => sum + p.g, 0);
  const totalMl = pots.reduce((sum, p) => sum + p.ml, 0);
  const laidMm = (colourMl / (measure.areaCm2 + (school.countsEdges ? measure.edgeCm2 : 0))) * 10;
  const stayMm = raisedRim ? laidMm : Math.min(laidMm, factors['film-stays']);
  const edgeG = pots.filter((p) => p.use === 'edge').reduce((sum, p) => sum + p.g, 0);
  const baseMl = pots.filter((p) => p.use === 'base').reduce((sum, p) => sum + p.ml, 0);
  // Behind a rim the base stays too; on an open surface what runs off takes it along.
  const onFaceMm = stayMm + (raisedRim ? (baseMl / measure.areaCm2) * 10 : 0);
  return {
    totalG,
    totalMl,
    laidMm,
    stayMm,
    staysG:
      (((onFaceMm * measure.areaCm2) / 10) * (totalMl > 0 ? totalG / totalMl : 0) + edgeG) /
      measure.pieces,
    runOffShare: laidMm > 0 ? 1 - stayMm / laidMm : 0,
    perPiece: { totalG: totalG / measure.pieces, totalMl: totalMl / measure.pieces },
    pots,
  };
}

/** Shares made to add up to 1; all alike where none is set. */
export function normalise(
  shares: Budget['shares'],
): { readonly mix: string; readonly share: number }[] {
  const sum = shares.reduce((total, s) => total + s.share, 0);
  return shares.map((s) => ({ mix: s.mix, share: sum > 0 ? s.share / sum : 1 / shares.length }));
}

/** Mass a pot asks for before rounding. A film of the edge pot lies on the edges, any other on the face. */
function potG(
  pot: Pot,
  coloursG: number,
  { measure, densityOf, factors = factorsWith() }: BudgetSetting,
): number {
  if (pot.g !== undefined) return pot.g;
  if (pot.share !== undefined) return pot.share * coloursG;
  const density = pot.mix === undefined ? factors['mixed-weighs'] : densityOf(pot.mix);
  const areaCm2 = pot.use === 'edge' ? measure.edgeCm2 : measure.areaCm2;
  return (pot.ml ?? ((pot.filmMm ?? 0) * areaCm2) / 10) * density;
}
