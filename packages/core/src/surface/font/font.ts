import type { Ring } from '../outline/ring';

/** One character as it is cut out: its outline, and the lines along the middle of its strokes. y down, the top of the capitals at 0. */
export interface Glyph {
  readonly rings: readonly Ring[];
  readonly limbs: readonly Ring[];
}

/** Outlines of a font's characters, in units of which `capUnits` are the height of a capital. */
export interface Font {
  readonly id: string;
  readonly name: string;
  readonly capUnits: number;
  readonly glyphs: ReadonlyMap<string, Glyph>;
}

/** A font from its table: for each character its rings, then its limbs, each a row of x, y, told apart by "|". */
export function readFont(
  id: string,
  name: string,
  capUnits: number,
  table: Readonly<Record<string, readonly [rings: string, limbs: string]>>,
): Font {
  const lines = (text: string): Ring[] =>
    text.split('|').map((line) => line.split(' ').map(Number));
  return {
    id,
    name,
    capUnits,
    glyphs: new Map(
      Object.entries(table).map(([character, [rings, limbs]]) => [
        character,
        { rings: lines(rings), limbs: lines(limbs) },
      ]),
    ),
  };
}
