import type { PieceRow } from '@potter/contract';

/** Pieces as they stand in the list: those of one pour that follow one another are one set. */
export function setsTogether(pieces: readonly PieceRow[]): (readonly [PieceRow, ...PieceRow[]])[] {
  const together: [PieceRow, ...PieceRow[]][] = [];
  for (const piece of pieces) {
    const last = together.at(-1);
    if (last && piece.run !== undefined && piece.of !== undefined && last[0].run === piece.run)
      last.push(piece);
    else together.push([piece]);
  }
  return together.map(([first, ...rest]) => inPlace(first, rest));
}

/** The first of a set is the one it goes by. */
function inPlace(first: PieceRow, rest: readonly PieceRow[]): readonly [PieceRow, ...PieceRow[]] {
  const [least, ...others] = [first, ...rest].sort((a, b) => (a.nth ?? 1) - (b.nth ?? 1));
  return [least!, ...others];
}
