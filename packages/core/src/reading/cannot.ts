import { trim } from '../quantity/show';
import type { CloseRead } from './closely';

/** What was known of a photograph before it was squared up. */
export interface TakenSo {
  /** Its pixels on a millimetre of the piece. */
  readonly pxPerMm: number;
  /** What part of the piece is burnt out by light. */
  readonly burnt: number;
}

/** Fewer pixels a millimetre tell nothing; fewer than the second no cells and bands. */
const LEAST_PX_PER_MM = 0.4;
const FINE_PX_PER_MM = 1;
/** The sharpest borders are wider than this where a lens was out of focus, or a hand moved, mm. */
const BLURRED_MM = 2.5;
/** More burnt out than this is told; more than the second and colours are not. */
const GLARE = 0.01;
const BLIND = 0.25;

/** What a photograph cannot tell, and why, in words; `nothing` where it is not worth reading at all. */
export interface Cannot {
  readonly nothing: boolean;
  readonly says: readonly string[];
  /** Cells and bands are not to be told. */
  readonly fine: boolean;
}

export function cannotTell(
  { pxPerMm, burnt }: TakenSo,
  { sharpestMm, unplanned }: Pick<CloseRead, 'sharpestMm' | 'unplanned'>,
): Cannot {
  const says: string[] = [];
  const tooFew = pxPerMm < LEAST_PX_PER_MM;
  const blurred = sharpestMm !== undefined && sharpestMm > BLURRED_MM;
  if (pxPerMm < FINE_PX_PER_MM)
    says.push(
      `The piece is small in this photograph: ${trim(pxPerMm, 2)} pixels on a millimetre. ${tooFew ? 'Nothing is told by it: go nearer.' : 'Cells and bands are not told: go nearer.'}`,
    );
  if (blurred)
    says.push(
      `It is blurred: its sharpest borders are ${trim(sharpestMm, 1)} mm wide. Cells and bands are not told.`,
    );
  if (burnt > GLARE)
    says.push(
      `${trim(100 * burnt, 0)} % of it is burnt out by light: what lies there is not told.${burnt > BLIND ? ' That is too much: turn it away from the lamp.' : ''}`,
    );
  if (unplanned > STRANGE)
    says.push(
      `${trim(100 * unplanned, 0)} % of it is no colour of the plan: the light may be odd, or it is another piece.`,
    );
  return {
    nothing: tooFew || burnt > BLIND,
    says,
    fine: !tooFew && !blurred && pxPerMm >= FINE_PX_PER_MM,
  };
}

/** More than this of colours nobody planned is no pour of that plan. */
const STRANGE = 0.6;
