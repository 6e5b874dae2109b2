import { type Move, verbOf } from './move';

/** Moves of the list done in one go: `count` of them, the first of them at `from`. */
export interface Spell {
  readonly from: number;
  readonly count: number;
}

/**
 * The list of moves as it is done: what both hands hold the piece for is one spell however many corners it goes over, every other move one by
 * itself. Together they are the whole list, in its order.
 */
export function spellsOf(moves: readonly Move[]): Spell[] {
  const spells: { from: number; count: number }[] = [];
  moves.forEach((move, i) => {
    const before = moves[i - 1];
    const goesOn = before && verbOf(before).handsFull && verbOf(move).handsFull;
    if (goesOn && before.piece === move.piece) spells[spells.length - 1]!.count++;
    else spells.push({ from: i, count: 1 });
  });
  return spells;
}
