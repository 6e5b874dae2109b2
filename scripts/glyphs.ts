// Writes the outlines of the letters that can be cut out, from the fonts Potter ships: npx tsx scripts/glyphs.ts
// Overlapping parts of a glyph are made one, curves cut into chords, and the strokes of each found.
import { readFileSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { areaD, FillRule, simplifyPathD, unionD } from 'clipper2-ts';
import opentype from 'opentype.js';
import { stepsOf } from '../packages/core/src/surface/font/font';
import { covers } from '../packages/core/src/surface/outline/covers';
import { readPath } from '../packages/core/src/surface/outline/path-data';
import { extentOf, type Ring } from '../packages/core/src/surface/outline/ring';
import { limbsOf } from './glyph-limbs';

const CHARACTERS =
  'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&!?.-+#ÄÖÜäöüßÅÆØåæøÉéÈèÀàÇçÑñ';
/** A thousandth of the em is a sixth of a millimetre on a letter a hand high. */
const TOLERANCE_UNITS = 1;

const FONTS = [
  {
    id: 'hyperlegible',
    name: 'Hyperlegible, bold',
    file: 'atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
  },
  {
    id: 'bricolage',
    name: 'Bricolage, extra bold',
    file: 'bricolage-grotesque/800ExtraBold/BricolageGrotesque_800ExtraBold.ttf',
  },
];

for (const { id, name, file } of FONTS) {
  const bytes = readFileSync(join('node_modules/@expo-google-fonts', file));
  const font = opentype.parse(
    bytes.buffer.slice(bytes.byteOffset, bytes.byteOffset + bytes.byteLength) as ArrayBuffer,
  );
  const cap = (font.tables.os2 as unknown as { sCapHeight: number }).sCapHeight;
  const rows = [...CHARACTERS].map((character) => {
    const path = font.charToGlyph(character).getPath(0, cap, font.unitsPerEm).toPathData(2);
    const rings = joined(readPath(path, TOLERANCE_UNITS));
    const { left, top, widthMm: width, heightMm: height } = extentOf(rings);
    const strokes = limbsOf((x, y) => covers(rings, x, y), { left, top, width, height }, cap);
    const limbs = [...strokes, ...dots(rings, strokes)];
    const text = (lines: readonly Ring[]) => lines.map((line) => stepsOf(line).join(' ')).join('|');
    return `  ${JSON.stringify(character)}: ['${text(rings)}', '${text(limbs)}'],`;
  });
  writeFileSync(
    `packages/core/src/surface/font/${id}.ts`,
    `// Written by scripts/glyphs.ts from ${basename(file)} (SIL Open Font License 1.1). Not to be edited by hand.
import { readFont } from './font';

export const ${id} = readFont('${id}', '${name}', ${cap}, {
${rows.join('\n')}
});
`,
  );
}

/** Parts without a stroke, such as the dot of an i: a short line through their middle. */
function dots(rings: readonly Ring[], strokes: readonly Ring[]): Ring[] {
  return rings.flatMap((ring, i) => {
    const hole = rings.some((other, j) => j !== i && covers([other], ring[0]!, ring[1]!));
    if (hole || strokes.some((line) => covers([ring], line[6]!, line[7]!))) return [];
    const { left, top, widthMm, heightMm } = extentOf([ring]);
    const [x, y] = [Math.round(left + widthMm / 2), Math.round(top + heightMm / 2)];
    return [[x - 1, y, x + 1, y]];
  });
}

/** Rings that overlap made one by the non-zero rule, as a font is filled. */
function joined(rings: readonly Ring[]): Ring[] {
  const paths = rings.map((ring) =>
    Array.from({ length: ring.length / 2 }, (_, i) => ({ x: ring[2 * i]!, y: ring[2 * i + 1]! })),
  );
  return unionD(paths, [], FillRule.NonZero, 3)
    .filter((path) => Math.abs(areaD(path)) > 50)
    .map((path) => simplifyPathD(path, TOLERANCE_UNITS / 2, false))
    .map((path) => path.flatMap(({ x, y }) => [Math.round(x), Math.round(y)]));
}
