import type { FaultId } from '../fault';
import type { Aspect, Grade } from './aspect';
import type { Fate } from './fate';
import type { Lesson } from '../remark';
import type { ColourFate, Piece } from './schema';

/** A piece with an aspect judged; judged the same again it is taken back. */
export function withGrade(piece: Piece, aspect: Aspect, grade: Grade): Piece {
  const { verdict: { [aspect]: before, ...rest } = {}, ...others } = piece;
  const verdict = before === grade ? rest : { ...rest, [aspect]: grade };
  return Object.keys(verdict).length > 0 ? { ...others, verdict } : others;
}

type Colour = Omit<ColourFate, 'fate'>;
const same = (a: Colour, b: Colour): boolean =>
  (a.mix ?? a.name) === (b.mix ?? b.name) && a.part === b.part;

export const fateIn = (
  { colours = [] }: Pick<Piece, 'colours'>,
  colour: Colour,
): Fate | undefined => colours.find((c) => same(c, colour))?.fate;

/** A piece with what came of one colour said; said the same again it is taken back. */
export function withFate(piece: Piece, colour: Colour, fate: Fate): Piece {
  const { colours = [], ...rest } = piece;
  const left = colours.filter((c) => !same(c, colour));
  const now = fateIn(piece, colour) === fate ? left : [...left, { ...colour, fate }];
  return now.length > 0 ? { ...rest, colours: now } : rest;
}

/** A fault seen, or taken back. */
export function withFault(piece: Piece, fault: FaultId): Piece {
  const { faults = [], ...rest } = piece;
  const now = faults.includes(fault) ? faults.filter((f) => f !== fault) : [...faults, fault];
  return now.length > 0 ? { ...rest, faults: now } : rest;
}

export const withLesson = (piece: Piece, lesson: Lesson): Piece => ({
  ...piece,
  lessons: [...(piece.lessons ?? []).filter(({ id }) => id !== lesson.id), lesson],
});

export function withoutLesson({ lessons = [], ...piece }: Piece, id: string): Piece {
  const left = lessons.filter((lesson) => lesson.id !== id);
  return left.length > 0 ? { ...piece, lessons: left } : piece;
}
