import { gradeOf } from './aspect';
import { faceOf } from './photographs';
import type { Piece } from './schema';
import { type Status, statusOf } from './status';

/** A piece in a list. */
export interface PieceSummary extends Pick<
  Piece,
  | 'id'
  | 'title'
  | 'madeAt'
  | 'run'
  | 'nth'
  | 'of'
  | 'technique'
  | 'size'
  | 'price'
  | 'cost'
  | 'tags'
  | 'with'
> {
  readonly status: Status;
  /** The picture it is shown by. */
  readonly picture?: string;
  /** How well it came out, 0 to 1; see `gradeOf`. */
  readonly grade?: number;
  readonly note?: string;
}

export function summarisePiece(piece: Piece): PieceSummary {
  const { id, title, madeAt, run, nth, of, technique, size, price, cost, tags, note } = piece;
  const picture = faceOf(piece)?.picture;
  const grade = gradeOf(piece.verdict);
  return {
    id,
    title,
    madeAt,
    status: statusOf(piece),
    ...(run === undefined ? {} : { run }),
    ...(nth === undefined ? {} : { nth }),
    ...(of === undefined ? {} : { of }),
    ...(technique === undefined ? {} : { technique }),
    ...(size === undefined ? {} : { size }),
    ...(price === undefined ? {} : { price }),
    ...(cost === undefined ? {} : { cost }),
    ...(tags === undefined ? {} : { tags }),
    ...(piece.with === undefined ? {} : { with: piece.with }),
    ...(picture === undefined ? {} : { picture }),
    ...(grade === undefined ? {} : { grade }),
    ...(note === undefined ? {} : { note }),
  };
}
