import type { Parsed } from '../quantity/parse';
import { trim } from '../quantity/show';
import type { Mix } from './schema';

/** A ratio as it was said: to one part of all paint together. */
export interface SaidRatio {
  /** Nothing where the paint is poured as it comes. */
  readonly mediumParts: number;
  /** Absent where water was not spoken of. */
  readonly waterParts?: number;
  /** Given where grams or millilitres were said. */
  readonly basis?: Mix['basis'];
  /** Only judged by eye. */
  readonly estimate?: true;
  /** Which is which was not said: it was taken as most people mean it, and may be the other way round. */
  readonly turnable?: true;
}

/** The same amounts with paint and medium changed over. */
export const turnedRatio = ({ mediumParts, waterParts, basis }: SaidRatio): SaidRatio => ({
  mediumParts: Number((1 / mediumParts).toFixed(4)),
  ...(waterParts === undefined
    ? {}
    : { waterParts: Number((waterParts / mediumParts).toFixed(4)) }),
  ...(basis === undefined ? {} : { basis }),
});

/** Which is which, in words: "paint 1 : medium 2 : water 0.1". */
export const saidWords = ({ mediumParts, waterParts }: SaidRatio): string =>
  [
    'paint 1',
    ...(mediumParts > 0 ? [`medium ${trim(mediumParts, 2)}`] : ['no medium']),
    ...(waterParts ? [`water ${trim(waterParts, 2)}`] : []),
  ].join(' : ');

/**
 * Medium to one part of paint where it just covers the paint in the cup: a lump as high as it is wide leaves about its own volume free beside it
 * (estimate; common practice, no published source).
 */
const JUST_COVERS = 1;

const NUMBER_WORDS: Readonly<Record<string, string>> = {
  a: '1',
  an: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  half: '0.5',
  third: '1/3',
  quarter: '1/4',
};
const PAINT = /paints?|colou?rs?/;
const MEDIUM = /mediums?|conditioner|glue|blend|gloss|pva/;
const WATER = /water/;
const NUMBER = /(\d+(?:[.,]\d+)?)(?:\s*\/\s*(\d+(?:[.,]\d+)?))?/;

type Part = 'paint' | 'medium' | 'water';
interface Piece {
  readonly amount: number;
  readonly unit: 'g' | 'ml' | undefined;
  readonly part: Part | undefined;
}

/**
 * Reads a ratio as people say it: "1 : 2", "1 : 2 : 0.1", "one part paint to four", "70/30", "40 g + 20 g", "2 parts medium to 1 paint",
 * "1 : 2 with 0.1 water", "half and half", "just covers the paint", "as it comes". What is not named stands in the order paint, medium, water; two
 * amounts with a plus between them are medium first, then paint, as people say "40 + 20" (handbook 11, common practice, no published source).
 */
export function parseRatio(text: string): Parsed<SaidRatio> {
  const said = text.trim().toLowerCase();
  if (said === '') return bad('Type a ratio, such as 1 : 2.');
  if (/\bcover/.test(said))
    return { ok: true, value: { mediumParts: JUST_COVERS, estimate: true } };
  if (/^(as it comes|neat|no medium|nothing)$/.test(said))
    return { ok: true, value: { mediumParts: 0 } };
  if (/^(half and half|equal parts|equal|half half)$/.test(said))
    return { ok: true, value: { mediumParts: 1 } };

  const digits = said
    .replace(/\band a half\b/g, '.5')
    .replace(/\ban? (?=half|third|quarter)/g, '')
    .replace(/[a-z]+/g, (word) => NUMBER_WORDS[word] ?? word)
    .replace(/(\d) \.5/g, '$1.5');
  const split = /[:+]|\bto\b|\band\b|\bwith\b|&/;
  // Without another mark between them, a stroke parts two amounts; with one it is a fraction.
  const pieces = digits.split(split.test(digits) ? split : /\//).map((piece) => piece.trim());
  if (pieces.length < 2) return bad(`“${text.trim()}” is one amount: say two, such as 1 : 2.`);
  if (pieces.length > 3)
    return bad('More than paint, medium and water: say three amounts at most.');
  const read: Piece[] = [];
  for (const piece of pieces) {
    const number = NUMBER.exec(piece);
    if (!number)
      return bad(`There is no amount in “${piece || text.trim()}”: say it such as 1 : 2.`);
    const above = Number(number[1]!.replace(',', '.'));
    const below = number[2] === undefined ? 1 : Number(number[2].replace(',', '.'));
    if (below === 0) return bad(`“${piece}” divides by nothing.`);
    const words = piece.replace(number[0], ' ');
    read.push({
      amount: above / below,
      unit: /\b(g|grams?)\b/.test(words) ? 'g' : /\b(ml|millilit)/.test(words) ? 'ml' : undefined,
      part: WATER.test(words)
        ? 'water'
        : MEDIUM.test(words)
          ? 'medium'
          : PAINT.test(words)
            ? 'paint'
            : undefined,
    });
  }
  const plain = read.every((p) => p.part === undefined);
  return reckoned(read, text.trim(), plain && read.length === 2 && digits.includes('+'));
}

function reckoned(pieces: readonly Piece[], text: string, mediumFirst: boolean): Parsed<SaidRatio> {
  const units = new Set(pieces.flatMap((p) => p.unit ?? []));
  if (units.size > 1) return bad('Grams and millilitres in one ratio: give all in the same.');
  const amounts = new Map<Part, number>();
  for (const { part, amount } of pieces) {
    if (!part) continue;
    if (amounts.has(part)) return bad(`“${text}” names ${part} twice.`);
    amounts.set(part, amount);
  }
  const order = mediumFirst
    ? (['medium', 'paint', 'water'] as const)
    : (['paint', 'medium', 'water'] as const);
  const open: Part[] = order.filter((part) => !amounts.has(part));
  for (const { part, amount } of pieces) if (!part) amounts.set(open.shift() ?? 'water', amount);
  const paint = amounts.get('paint') ?? 0;
  if (!(paint > 0)) return bad('There is no paint in it: say the paint first, such as 1 : 2.');
  const water = amounts.get('water');
  const parts = (n: number) => Number((n / paint).toFixed(4));
  const value: SaidRatio = {
    mediumParts: parts(amounts.get('medium') ?? 0),
    ...(water === undefined ? {} : { waterParts: parts(water) }),
    ...(units.size === 0
      ? {}
      : { basis: units.has('g') ? ('weight' as const) : ('volume' as const) }),
    ...(mediumFirst && (amounts.get('medium') ?? 0) > 0 ? { turnable: true as const } : {}),
  };
  return value.mediumParts + (value.waterParts ?? 0) > MOST
    ? bad(`More than ${MOST} parts to one of paint would hardly be a colour.`)
    : { ok: true, value };
}

const MOST = 100;

/** A ratio as people say it: "1 : 2", "1 : 2 with 0.1 water", "as it comes". `parseRatio` reads it back. */
export function ratioWords({ medium, waterParts }: Pick<Mix, 'medium' | 'waterParts'>): string {
  const water = waterParts ? ` with ${trim(waterParts, 2)} water` : '';
  return medium ? `1 : ${trim(medium.parts, 2)}${water}` : water ? `1${water}` : 'as it comes';
}

const bad = (fault: string): Parsed<never> => ({ ok: false, fault });
