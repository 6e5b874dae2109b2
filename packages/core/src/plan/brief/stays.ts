import type { Amounts } from '../../budget/budget';
import type { Outcome } from '../../flow/outcome';
import { runOffOf } from '../../remark';
import type { SurfaceMeasure } from '../../surface/measure';

/** What becomes of the paint once it is on the surface. What is to be poured never hangs on it. */
export interface Stays {
  /** Reckoned from the film that usually stays, or told by the preview of this very plan. */
  readonly from: 'reckoned' | 'preview';
  /** On one piece, face and edges. */
  readonly staysG: number;
  /** Mean wet film of the face. */
  readonly onFaceMm: number;
  /** Where it lies thickest; known from the preview alone. */
  readonly thickestMm?: number;
  /** Off all pieces together. */
  readonly runOffG: number;
}

export const reckonedStays = ({ staysG, onFaceMm, runOffG }: Amounts): Stays => ({
  from: 'reckoned',
  staysG,
  onFaceMm,
  runOffG,
});

export function previewedStays(measure: SurfaceMeasure, amounts: Amounts, outcome: Outcome): Stays {
  const gPerMl = amounts.totalMl > 0 ? amounts.totalG / amounts.totalMl : 1;
  const { lostG } = runOffOf(measure, amounts, outcome);
  return {
    from: 'preview',
    staysG: outcome.laidMl * gPerMl - lostG,
    onFaceMm: outcome.film.meanMm,
    thickestMm: outcome.film.thickestMm,
    runOffG: lostG * measure.pieces,
  };
}
