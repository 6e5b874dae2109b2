import type { Factors } from '../../factor';
import type { DryingFilm } from '../../schedule';
import type { SurfaceMeasure } from '../../surface/measure';
import { type OpenPlan } from '../document/open';
import { roomOf } from '../document/room';
import type { Stays } from './stays';

/** The film of a plan's pour as it is left to dry. */
export const dryingFilmOf = (
  open: OpenPlan,
  { onFaceMm, thickestMm }: Pick<Stays, 'onFaceMm' | 'thickestMm'>,
  measure: SurfaceMeasure,
  factors: Factors,
): DryingFilm => ({
  wetMm: Math.max(0.1, onFaceMm),
  ...(thickestMm === undefined ? {} : { thickestMm: Math.max(0.1, thickestMm) }),
  ...roomOf(open.plan),
  small: measure.areaCm2 / measure.pieces <= factors['small-piece'],
  oily: open.oily,
  ...(open.plan.waiting === undefined ? {} : { waiting: open.plan.waiting }),
});
