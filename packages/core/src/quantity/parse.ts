import { type Dimension, findUnit, UNITS, unitOf, type UnitId } from './unit';

export type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly fault: string };

const good = <T>(value: T): Parsed<T> => ({ ok: true, value });
const bad = (fault: string): Parsed<never> => ({ ok: false, fault });

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/**
 * Reads a number as people write it: "12", "1.5", "1,5", "1/2", "1 1/2", "1½".
 * A comma followed by exactly three digits could be either a thousands mark or a decimal, so it is refused.
 */
export function parseNumber(text: string): Parsed<number> {
  const plain = text
    .trim()
    .replace(/[½⅓⅔¼¾⅛⅜⅝⅞]/g, (v) => ` ${VULGAR[v]}`)
    .replace(/[  ]/g, ' ')
    .replace(/−/g, '-')
    .trim();
  if (plain === '') return bad('Type a number.');
  if (/^-?\d+,\d{3}$/.test(plain)) {
    return bad(
      `"${text.trim()}" could be two numbers: write ${plain.replace(',', '')} or ${plain.replace(',', '.')}.`,
    );
  }
  const mixed = /^(-?)(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(plain);
  if (mixed) {
    const below = Number(mixed[4]);
    if (below === 0) return bad(`"${text.trim()}" divides by nothing.`);
    const size = Number(mixed[2] ?? 0) + Number(mixed[3]) / below;
    return good(mixed[1] === '-' ? -size : size);
  }
  const decimal = plain.replace(',', '.');
  if (!/^-?(\d+\.?\d*|\.\d+)$/.test(decimal)) return bad(`"${text.trim()}" is not a number.`);
  return good(Number(decimal));
}

const NUMBER = String.raw`-?(?:\d+\s+\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|\d*[.,]?\d*\s*[½⅓⅔¼¾⅛⅜⅝⅞]|\d+[.,]?\d*|[.,]\d+)`;
const QUANTITY = new RegExp(String.raw`^\s*(${NUMBER})\s*(.*?)\s*$`);

function unitFault(symbol: string, ...dimensions: readonly Dimension[]): string {
  const known = [
    ...new Set(UNITS.filter((u) => dimensions.includes(u.dimension)).map((u) => u.symbols[0])),
  ];
  return `"${symbol}" is no unit of ${dimensions.join(' or ')}: use ${known.slice(0, -1).join(', ')} or ${known.at(-1)}.`;
}

/**
 * Reads an amount with or without its unit and returns it in the base unit (g, mL, mm, s).
 * "16 oz" is fluid ounces where a volume is asked and avoirdupois where a mass is asked.
 * @param bare the unit meant when none is typed
 */
export function parseQuantity(text: string, dimension: Dimension, bare: UnitId): Parsed<number> {
  const match = QUANTITY.exec(text);
  if (!match) return parseNumber(text);
  const number = parseNumber(match[1] ?? '');
  if (!number.ok) return number;
  const symbol = match[2] ?? '';
  const unit = symbol === '' ? unitOf(bare) : findUnit(symbol, dimension);
  if (!unit) return bad(unitFault(symbol, dimension));
  // 1.5 in is 38.099999999999994 mm in binary; a plan should say 38.1.
  return good(Number((number.value * unit.base).toFixed(9)));
}

/** What paint weighs, where an amount of it may be told by mass or by volume. */
export interface Weighable {
  readonly gPerMl: number;
  /** The field is a scale's: ounces there are ounces of mass. */
  readonly onScale?: boolean;
}

/**
 * Reads an amount of paint in grams or millilitres, told in any unit of either. "12 oz" of paint is fluid, as people mean it, unless a scale
 * says it (handbook 11, common practice, no published source).
 * @param bare the unit meant when none is typed
 */
export function parseAmount(
  text: string,
  dimension: 'mass' | 'volume',
  bare: UnitId,
  { gPerMl, onScale = false }: Weighable,
): Parsed<number> {
  const symbol = QUANTITY.exec(text)?.[2] ?? '';
  if (symbol === '') return parseQuantity(text, dimension, bare);
  const [mass, volume] = [findUnit(symbol, 'mass'), findUnit(symbol, 'volume')];
  if (!mass && !volume) return bad(unitFault(symbol, 'mass', 'volume'));
  const told = mass && volume ? (onScale ? 'mass' : 'volume') : mass ? 'mass' : 'volume';
  const amount = parseQuantity(text, told, bare);
  if (!amount.ok || told === dimension) return amount;
  const other = told === 'mass' ? amount.value / gPerMl : amount.value * gPerMl;
  return good(Number(other.toFixed(6)));
}

/** A surface's size as typed: two sides, one diameter, or the two of an oval or a ring, in mm. */
export type Size =
  | { readonly kind: 'rect'; readonly widthMm: number; readonly heightMm: number }
  | { readonly kind: 'round'; readonly diameterMm: number }
  | { readonly kind: 'oval'; readonly widthMm: number; readonly heightMm: number }
  | { readonly kind: 'ring'; readonly outerMm: number; readonly innerMm: number };

const OVAL = /\b(oval|ellipse|elliptic)\b/gi;
const RING = /\bring\b/gi;
const ROUND = /\b(round|circle|disc|disk|diameter|dia|across)\b|[øØ⌀]/gi;

/**
 * Reads "40 x 50 cm", "16 in × 20 in", "30 cm round", "ø 12 in", "30 x 20 cm oval", "30 x 10 cm ring". Width comes first. A unit after the last
 * side counts for both.
 * @param bare the studio's length unit, meant when none is typed
 */
export function parseSize(text: string, bare: UnitId): Parsed<Size> {
  const isRound = new RegExp(ROUND.source, 'i').test(text);
  const isRing = new RegExp(RING.source, 'i').test(text);
  const isOval = new RegExp(OVAL.source, 'i').test(text);
  const sides = text
    .replace(ROUND, ' ')
    .replace(OVAL, ' ')
    .replace(RING, ' ')
    .split(/\s*(?:[x×*]|\bby\b)\s*/i)
    .map((s) => s.trim())
    .filter(Boolean);
  if (sides.length === 0) return bad('Type a size, such as 40 x 50 cm or 30 cm round.');
  if (sides.length > 2) return bad(`"${text.trim()}" has more than two sides.`);
  const lastUnit = QUANTITY.exec(sides.at(-1) ?? '')?.[2] ?? '';
  const shared = lastUnit === '' ? unitOf(bare) : findUnit(lastUnit, 'length');
  if (!shared) return bad(unitFault(lastUnit, 'length'));
  const lengths: number[] = [];
  for (const side of sides) {
    const length = parseQuantity(side, 'length', shared.id as UnitId);
    if (!length.ok) return length;
    if (length.value <= 0) return bad('A side must be longer than nothing.');
    lengths.push(length.value);
  }
  const [first = 0, second = first] = lengths;
  if (isRing) {
    return sides.length === 2 && first !== second
      ? good({ kind: 'ring', outerMm: Math.max(first, second), innerMm: Math.min(first, second) })
      : bad('A ring has two diameters, such as 30 x 10 cm ring.');
  }
  if (isOval) {
    return sides.length === 2
      ? good({ kind: 'oval', widthMm: first, heightMm: second })
      : bad('An oval has two diameters, such as 30 x 20 cm oval.');
  }
  if (isRound) {
    return sides.length === 1
      ? good({ kind: 'round', diameterMm: first })
      : bad('A round surface has one diameter.');
  }
  return sides.length === 2
    ? good({ kind: 'rect', widthMm: first, heightMm: second })
    : bad('Type both sides, such as 40 x 50 cm, or write "round" after a diameter.');
}
