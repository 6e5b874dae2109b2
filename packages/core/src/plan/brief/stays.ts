import type { Amounts } from '../../budget/budget';
import { type Outcome, poursOf, type Settled } from '../../flow/outcome';
import { runOffOf } from '../../remark';
import type { SurfaceMeasure } from '../../surface/measure';

/** What becomes of the paint once it is on the surface. What is to be poured never hangs on it. */
export interface Stays {
  /** Reckoned from the film that usually stays, or told by the preview of this very plan. */
  readonly from: 'reckoned' | 'preview';
  /** On one piece, face and edges, of all its pours. */
  readonly staysG: number;
  /** Of its first pour alone; not known apart where another comes on it and all is reckoned. */
  readonly firstG?: number;
  /** Mean wet film of the face, of the first pour where another comes on it. */
  readonly onFaceMm: number;
  /** Where it lies thickest; known from the preview alone. */
  readonly thickestMm?: number;
  /** Off all pieces together. */
  readonly runOffG: number;
}

export const reckonedStays = (
  { staysG, onFaceMm, runOffG }: Amounts,
  pouredOnce: boolean,
): Stays => ({
  from: 'reckoned',
  staysG,
  ...(pouredOnce ? { firstG: staysG } : {}),
  onFaceMm,
  runOffG,
});

export function previewedStays(measure: SurfaceMeasure, amounts: Amounts, outcome: Outcome): Stays {
  const gPerMl = amounts.totalMl > 0 ? amounts.totalG / amounts.totalMl : 1;
  const pours = poursOf(outcome);
  const sum = (of: (pour: Settled) => number) => pours.reduce((all, pour) => all + of(pour), 0);
  const lostG = sum((pour) => runOffOf(measure, amounts, pour).lostG);
  const stoodMl = ({ laidMl, takenMl = 0 }: Settled) => laidMl - takenMl;
  return {
    from: 'preview',
    staysG: sum(stoodMl) * gPerMl - lostG,
    firstG: stoodMl(outcome) * gPerMl - runOffOf(measure, amounts, outcome).lostG,
    onFaceMm: outcome.film.meanMm,
    thickestMm: outcome.film.thickestMm,
    runOffG: lostG * measure.pieces,
  };
}
