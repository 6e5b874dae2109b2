import type { Ring } from '../outline/ring';

/** One character as it is cut out: its outline, and the lines along the middle of its strokes. y down, the top of the capitals at 0. */
interface Glyph {
  readonly rings: readonly Ring[];
  readonly limbs: readonly Ring[];
}

/** Outlines of a font's characters, in units of which `capUnits` are the height of a capital. */
export interface Font {
  readonly id: string;
  readonly name: string;
  readonly capUnits: number;
  /** All it has, as single characters. */
  readonly characters: readonly string[];
  readonly glyph: (character: string) => Glyph | undefined;
}

/**
 * A font from its table: for each character its rings, then its limbs, each a row of x, y told apart by "|". The first pair is a place, the others are
 * steps from the one before, which are small and so take half the room in a file. A character is read when it is asked for.
 */
export function readFont(
  id: string,
  name: string,
  capUnits: number,
  table: Readonly<Record<string, readonly [rings: string, limbs: string]>>,
): Font {
  const read = new Map<string, Glyph>();
  return {
    id,
    name,
    capUnits,
    characters: Object.keys(table),
    glyph: (character) => {
      const known = read.get(character);
      if (known || !Object.hasOwn(table, character)) return known;
      const [rings, limbs] = table[character]!;
      const glyph = { rings: lines(rings), limbs: lines(limbs) };
      read.set(character, glyph);
      return glyph;
    },
  };
}

const lines = (text: string): Ring[] =>
  text.split('|').map((line) => {
    const at = line.split(' ').map(Number);
    for (let i = 2; i < at.length; i++) at[i]! += at[i - 2]!;
    return at;
  });

/** A ring, or a line, as a table has it. */
export const stepsOf = (ring: Ring): number[] => ring.map((v, i) => (i < 2 ? v : v - ring[i - 2]!));
