import { Type } from '@sinclair/typebox';
import { FONTS, type FontId } from '../font';
import { outlineFault } from '../outline/fault';
import { atOrigin, extentOf, placed, pointsOf, type Ring } from '../outline/ring';
import { spotsWithin } from '../outline/spots';
import { byRings } from './by-rings';
import { rimReaches } from './rim-reaches';
import type { Limb, ShapeDefinition } from './shape';
import { scaledSide, Side } from './side';

export type Glyphs = { kind: 'glyphs'; text: string; font: FontId; heightMm: number };

/** Letters lie apart by this share of their height, so that each can be reached and lifted. */
const GAP = 0.15;

interface Laid {
  readonly rings: readonly Ring[];
  readonly limbs: readonly Limb[];
}

/** Each character beside the one before, with the lines along its strokes named after it: "H.1", and "H2.1" where H stands again. */
function lay({ text, font, heightMm }: Glyphs): Laid {
  const { glyph: glyphOf, capUnits } = FONTS[font];
  const scale = heightMm / capUnits;
  const rings: Ring[] = [];
  const limbs: Limb[] = [];
  const counts = new Map<string, number>();
  let x = 0;
  for (const character of text) {
    const glyph = glyphOf(character);
    if (!glyph) continue;
    const { left, widthMm } = extentOf(glyph.rings);
    const put = (lines: readonly Ring[]) => placed(lines, x / scale - left, 0, scale);
    rings.push(...put(glyph.rings));
    const nth = (counts.get(character) ?? 0) + 1;
    counts.set(character, nth);
    put(glyph.limbs).forEach((line, i) =>
      limbs.push({
        name: `${character}${nth > 1 ? nth : ''}.${i + 1}`,
        alongMm: pointsOf(line),
      }),
    );
    x += widthMm * scale + GAP * heightMm;
  }
  const { top } = extentOf(rings);
  return {
    rings: atOrigin(rings),
    limbs: limbs.map(({ name, alongMm }) => ({
      name,
      alongMm: alongMm.map(([px, py]) => [Math.round(px), Math.round(py - top)] as const),
    })),
  };
}

const measures = byRings<Glyphs>((shape) => lay(shape).rings);

export const glyphs = {
  id: 'glyphs',
  name: 'Letters and figures',
  schema: Type.Object(
    {
      kind: Type.Literal('glyphs'),
      text: Type.String({ minLength: 1, maxLength: 12 }),
      font: Type.Union(Object.keys(FONTS).map((id) => Type.Literal(id as FontId))),
      heightMm: Side,
    },
    { additionalProperties: false },
  ),
  fault: (shape) => {
    const strange = [...shape.text].find(
      (c) => c !== ' ' && !FONTS[shape.font].characters.includes(c),
    );
    return strange === undefined
      ? outlineFault(measures.rings(shape))
      : `has no outline for "${strange}": letters, figures and & ! ? . - + # can be cut`;
  },
  ...measures,
  scaled: (shape, by) => ({ ...shape, heightMm: scaledSide(shape.heightMm, by) }),
  // A letter is tilted as an object without corners, round its sides; the row is as long as it is, each letter only so high.
  reaches: (shape) => {
    const { widthMm, heightMm } = measures.bounds(shape);
    return rimReaches(shape.heightMm, shape.heightMm).map(
      ([x, y]) =>
        [x + (widthMm - shape.heightMm) / 2, y + (heightMm - shape.heightMm) / 2] as const,
    );
  },
  reachName: { one: 'end of a stroke', many: 'ends of strokes' },
  // The middle of each stroke in turn; what is over goes where there is most room.
  spots: (shape, count) => {
    const { rings, limbs } = lay(shape);
    const middles = limbs.map(
      ({ alongMm }) => [...alongMm[alongMm.length >> 1]!] as [number, number],
    );
    if (count <= middles.length)
      return Array.from(
        { length: count },
        (_, i) => middles[Math.floor((i * middles.length) / count)]!,
      );
    return [...middles, ...spotsWithin(rings, count - middles.length)];
  },
  limbs: (shape) => lay(shape).limbs,
  sides: ({ heightMm }) => [heightMm],
  suffix: ({ text }) => ` high “${text}”`,
} as const satisfies ShapeDefinition<Glyphs>;
