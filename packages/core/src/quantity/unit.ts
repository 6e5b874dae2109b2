/** What a number measures. Every dimension has one base unit: gram, millilitre, millimetre, second. */
export type Dimension = 'mass' | 'volume' | 'length' | 'time';

export interface Unit {
  readonly id: string;
  readonly dimension: Dimension;
  /** How many base units (g, mL, mm, s) make one of this unit. Exact by definition: NIST SP 811, appendix B. */
  readonly base: number;
  /** Spellings a person may type, lower case, without a full stop. */
  readonly symbols: readonly string[];
  /** How it is shown after a figure. */
  readonly label: string;
  /** Decimals worth showing. */
  readonly decimals: number;
}

const unit = (
  id: string,
  dimension: Dimension,
  base: number,
  label: string,
  decimals: number,
  symbols: readonly string[],
): Unit => ({ id, dimension, base, label, decimals, symbols });

/**
 * All units Potter reads and shows. "oz" stands in two dimensions on purpose: in a volume field it is
 * the US fluid ounce, in a mass field the avoirdupois ounce.
 */
export const UNITS = [
  unit('g', 'mass', 1, 'g', 0, ['g', 'gram', 'grams', 'gr']),
  unit('kg', 'mass', 1000, 'kg', 3, ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms']),
  unit('oz', 'mass', 28.349523125, 'oz', 2, ['oz', 'ounce', 'ounces', 'oz av']),
  unit('lb', 'mass', 453.59237, 'lb', 3, ['lb', 'lbs', 'pound', 'pounds']),
  unit('ml', 'volume', 1, 'mL', 0, [
    'ml',
    'millilitre',
    'millilitres',
    'milliliter',
    'milliliters',
  ]),
  unit('l', 'volume', 1000, 'L', 3, ['l', 'litre', 'litres', 'liter', 'liters']),
  unit('us-floz', 'volume', 29.5735295625, 'US fl oz', 2, [
    'fl oz',
    'us fl oz',
    'floz',
    'oz',
    'us oz',
    'fluid ounce',
    'fluid ounces',
  ]),
  unit('imp-floz', 'volume', 28.4130625, 'imp fl oz', 2, [
    'imp fl oz',
    'imperial fl oz',
    'uk fl oz',
    'imp oz',
    'uk oz',
  ]),
  unit('us-cup', 'volume', 236.5882365, 'US cups', 2, ['cup', 'cups', 'us cup', 'us cups']),
  unit('us-tbsp', 'volume', 14.78676478125, 'tbsp', 1, ['tbsp', 'tablespoon', 'tablespoons']),
  unit('us-tsp', 'volume', 4.92892159375, 'tsp', 1, ['tsp', 'teaspoon', 'teaspoons']),
  unit('drop', 'volume', 0.05, 'drops', 0, ['drop', 'drops']),
  unit('mm', 'length', 1, 'mm', 0, [
    'mm',
    'millimetre',
    'millimetres',
    'millimeter',
    'millimeters',
  ]),
  unit('cm', 'length', 10, 'cm', 1, [
    'cm',
    'centimetre',
    'centimetres',
    'centimeter',
    'centimeters',
  ]),
  unit('m', 'length', 1000, 'm', 3, ['m', 'metre', 'metres', 'meter', 'meters']),
  unit('in', 'length', 25.4, 'in', 2, ['in', 'inch', 'inches', '"', '″', '”']),
  unit('ft', 'length', 304.8, 'ft', 2, ['ft', 'foot', 'feet', "'", '′']),
  unit('s', 'time', 1, 's', 0, ['s', 'sec', 'secs', 'second', 'seconds']),
  unit('min', 'time', 60, 'min', 1, ['min', 'mins', 'minute', 'minutes']),
  unit('h', 'time', 3600, 'h', 1, ['h', 'hr', 'hrs', 'hour', 'hours']),
] as const satisfies readonly Unit[];

export type UnitId = (typeof UNITS)[number]['id'];

/** The unit with this id. Throws a RangeError for an id that is not in the table. */
export function unitOf(id: UnitId | string): Unit {
  const found = UNITS.find((u) => u.id === id);
  if (!found)
    throw new RangeError(`no unit "${id}"; there are ${UNITS.map((u) => u.id).join(', ')}`);
  return found;
}

/** The unit a person meant by `symbol` in a field of this dimension, or undefined. */
export function findUnit(symbol: string, dimension: Dimension): Unit | undefined {
  const wanted = symbol.trim().toLowerCase().replace(/\./g, '').replace(/\s+/g, ' ');
  return UNITS.find(
    (u) => u.dimension === dimension && (u.symbols as readonly string[]).includes(wanted),
  );
}

/** Converts a base amount (g, mL, mm) to `unit`. */
export const toUnit = (amount: number, id: UnitId | string): number => amount / unitOf(id).base;

/** Converts an amount in `unit` to the base of its dimension (g, mL, mm). */
export const fromUnit = (amount: number, id: UnitId | string): number => amount * unitOf(id).base;
