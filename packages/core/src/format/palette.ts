import Papa from 'papaparse';
import type { Fault } from '../schema/fault';
import { meantBy, safeCell } from './cell';

/** A colour of a palette, by name. */
export interface PaletteColour {
  readonly name: string;
  readonly hex: string;
}

export interface ReadPalette {
  readonly colours: readonly PaletteColour[];
  /** Where the path is "line 7". A palette with any is not taken. */
  readonly faults: readonly Fault[];
}

const HEX = /^#?([0-9a-f]{3}|[0-9a-f]{6})$/i;
/** More colours than anybody pours; a file beyond this is something else. */
const MOST = 512;
const MOST_CHARACTERS = 200_000;

const channels = (hex: string): number[] =>
  [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));

/** A GIMP palette, version 2: red, green, blue and a name a line. */
export const writeGpl = (title: string, colours: readonly PaletteColour[]): string =>
  [
    'GIMP Palette',
    `Name: ${oneLine(title)}`,
    'Columns: 0',
    '#',
    ...colours.map(
      ({ name, hex }) =>
        `${channels(hex)
          .map((c) => String(c).padStart(3))
          .join(' ')}\t${oneLine(name)}`,
    ),
    '',
  ].join('\n');

/** CSS custom properties on the root element, named after the colours. */
export function writeCss(colours: readonly PaletteColour[]): string {
  const taken = new Set<string>();
  const lines = colours.map(({ name, hex }) => {
    const plain = slug(name) || 'colour';
    let id = plain;
    for (let n = 2; taken.has(id); n++) id = `${plain}-${n}`;
    taken.add(id);
    return `  --${id}: ${hex};`;
  });
  return `:root {\n${lines.join('\n')}\n}\n`;
}

/** A table of names and hex colours (RFC 4180). */
export const writePaletteCsv = (colours: readonly PaletteColour[]): string =>
  Papa.unparse(
    { fields: ['name', 'hex'], data: colours.map((c) => [safeCell(c.name), c.hex]) },
    { newline: '\r\n' },
  ) + '\r\n';

/** Reads any of the three, told apart by how they begin. */
export function readPalette(text: string): ReadPalette {
  if (text.length > MOST_CHARACTERS)
    return bad('the file', `is too large to be a palette: ${text.length} characters`);
  if (text.includes('\u0000')) return bad('the file', 'is no text');
  const plain = text.replace(/^\uFEFF/, '');
  const read = /^\s*GIMP Palette/i.test(plain)
    ? readGpl(plain)
    : !isTable(plain) && holdsProperties(plain)
      ? readCss(plain)
      : readCsv(plain);
  if (read.faults.length > 0) return { colours: [], faults: read.faults.slice(0, MOST_FAULTS) };
  if (read.colours.length === 0)
    return bad(
      'the file',
      'holds no colours: a GIMP palette, CSS properties, or a table with name and hex',
    );
  if (read.colours.length > MOST)
    return bad('the file', `has ${read.colours.length} colours; ${MOST} is the most`);
  return read;
}

const MOST_FAULTS = 40;

function readGpl(text: string): ReadPalette {
  const colours: PaletteColour[] = [];
  const faults: Fault[] = [];
  text.split(/\r\n?|\n/).forEach((line, i) => {
    if (i === 0 || /^\s*(#|$)/.test(line) || /^(Name|Columns):/i.test(line)) return;
    const match = /^\s*(\d+)\s+(\d+)\s+(\d+)(?:\s+(.*))?$/.exec(line);
    const rgb = match?.slice(1, 4).map(Number);
    if (!rgb || rgb.some((c) => c > 255))
      return void faults.push({
        path: `line ${i + 1}`,
        message: `must be three numbers from 0 to 255 and a name; it is "${line.slice(0, 40)}"`,
      });
    const hex = `#${rgb.map((c) => c.toString(16).padStart(2, '0')).join('')}`;
    colours.push({ name: named(match?.[4], hex), hex });
  });
  return { colours, faults };
}

/** Declarations of custom properties, one after the other: linear in the text, whatever it holds. */
function* properties(
  text: string,
): Generator<{ readonly name: string; readonly value: string; readonly line: number }> {
  let line = 1;
  let from = 0;
  for (let at = 0; at <= text.length; at++) {
    const letter = text[at];
    if (letter === '\n') line++;
    if (at < text.length && letter !== ';' && letter !== '{' && letter !== '}') continue;
    const piece = text.slice(from, at);
    from = at + 1;
    const dashes = piece.indexOf('--');
    const colon = dashes < 0 ? -1 : piece.indexOf(':', dashes);
    if (colon < 0) continue;
    const name = piece.slice(dashes + 2, colon).trim();
    const value = piece.slice(colon + 1);
    if (!/^[\w-]+$/.test(name)) continue;
    // The line its name stands in, not the one it ends in.
    yield { name, value: value.trim(), line: line - lines(piece.slice(colon)) };
  }
}

const lines = (text: string): number => text.split('\n').length - 1;

/** A table says so in its first line, whatever its names look like. */
const isTable = (text: string): boolean =>
  (text.trimStart().split(/\r\n?|\n/, 1)[0] ?? '')
    .split(/[,;\t]/)
    .some((column) => /^\s*"?hex"?\s*$/i.test(column));

const holdsProperties = (text: string): boolean => !properties(text).next().done;

function readCss(text: string): ReadPalette {
  const colours: PaletteColour[] = [];
  const faults: Fault[] = [];
  for (const { name, value, line } of properties(text)) {
    if (faults.length >= MOST_FAULTS || colours.length > MOST) break;
    if (!HEX.test(value) || !value.startsWith('#')) {
      faults.push({
        path: `line ${line}`,
        message: `--${name} must be a colour such as #d8a526; it is "${value.slice(0, 40)}"`,
      });
      continue;
    }
    const words = name.replace(/[-_]+/g, ' ').trim();
    colours.push({
      name: named(words.charAt(0).toUpperCase() + words.slice(1), value),
      hex: longHex(value),
    });
  }
  return { colours, faults };
}

function readCsv(text: string): ReadPalette {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [heading = [], ...rows] = data;
  const columns = heading.map((h) => h.trim().toLowerCase());
  const [nameAt, hexAt] = [columns.indexOf('name'), columns.indexOf('hex')];
  if (hexAt < 0) return bad('line 1', 'there is no column "hex"');
  const faults: Fault[] = [];
  const colours = rows.flatMap((row, i): PaletteColour[] => {
    const hex = (row[hexAt] ?? '').trim();
    if (!HEX.test(hex)) {
      faults.push({
        path: `line ${i + 2}`,
        message: `hex must be a colour such as #d8a526; it is "${hex.slice(0, 40)}"`,
      });
      return [];
    }
    const name = nameAt < 0 ? undefined : meantBy(row[nameAt]?.trim() ?? '');
    return [{ name: named(name, hex), hex: longHex(hex) }];
  });
  return { colours, faults };
}

const bad = (path: string, message: string): ReadPalette => ({
  colours: [],
  faults: [{ path, message }],
});

const longHex = (hex: string): string => {
  const digits = hex.replace('#', '').toLowerCase();
  return `#${digits.length === 3 ? [...digits].map((d) => d + d).join('') : digits}`;
};

const named = (name: string | undefined, hex: string): string =>
  (name?.trim() || longHex(hex)).slice(0, 80);

const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim();

const slug = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
