import { type Piece, soughtOf, summarisePiece } from '@potter/core/piece';

/** Nothing was judged, or no price said: it comes after all that have one. */
const NONE = -1;

/** A piece as it is kept, with what lists show of it, order it and find it by. */
export function rowOf(piece: Piece) {
  const summary = summarisePiece(piece);
  const { id, title, lessons } = piece;
  return {
    id,
    madeAt: piece.madeAt,
    title,
    run: piece.run ?? null,
    status: summary.status,
    grade: summary.grade ?? NONE,
    price: piece.price ?? NONE,
    sought: soughtOf(piece),
    piece,
    summary,
    lessons: lessons ? lessons.map((lesson) => ({ ...lesson, piece: id, from: title })) : null,
  };
}
