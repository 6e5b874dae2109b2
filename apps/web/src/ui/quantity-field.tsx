import {
  type Dimension,
  parseAmount,
  parseNumber,
  parseQuantity,
  show,
  toUnit,
  trim,
  type UnitId,
  unitOf,
  type Weighable,
} from '@potter/core/quantity';
import { type Reading, TextField } from './text-field';

interface Shared {
  readonly label: string;
  readonly onChange: (value: number) => void;
  readonly min: number;
  readonly max: number;
  readonly hint?: string;
  readonly className?: string;
  readonly hideLabel?: boolean;
}

const within = (
  value: number,
  min: number,
  max: number,
  say: (n: number) => string,
): Reading<number> =>
  value < min || value > max
    ? { ok: false, fault: value < min ? `Not below ${say(min)}.` : `Not above ${say(max)}.` }
    : { ok: true, value };

/** An amount with its unit, held in the base unit (g, mL, mm, s); any unit of the dimension may be typed. */
export function QuantityField({
  dimension,
  unit,
  value,
  min,
  max,
  decimals,
  of,
  ...rest
}: Shared & {
  readonly dimension: Dimension;
  readonly unit: UnitId;
  readonly value: number;
  /** Shown, where it is not as many as usual. */
  readonly decimals?: number;
  /** What paint weighs: grams may then be told in mL or fluid ounces, and the other way round. */
  readonly of?: Weighable;
}) {
  const say = (n: number) =>
    decimals === undefined
      ? show(n, unit)
      : `${trim(toUnit(n, unit), decimals)} ${unitOf(unit).label}`;
  return (
    <TextField
      {...rest}
      shown={say(value)}
      read={(text) => {
        const parsed =
          of && (dimension === 'mass' || dimension === 'volume')
            ? parseAmount(text, dimension, unit, of)
            : parseQuantity(text, dimension, unit);
        return parsed.ok ? within(parsed.value, min, max, say) : parsed;
      }}
    />
  );
}

/** A bare number: parts, percent, pieces. `per` is what one shown unit is worth, e.g. 0.01 for percent. */
export function NumberField({
  value,
  min,
  max,
  per = 1,
  decimals = 2,
  suffix = '',
  whole = false,
  ...rest
}: Shared & {
  readonly value: number;
  readonly per?: number;
  readonly decimals?: number;
  readonly suffix?: string;
  readonly whole?: boolean;
}) {
  return (
    <TextField
      {...rest}
      keys="decimal"
      shown={`${trim(value / per, decimals)}${suffix}`}
      read={(text) => {
        const parsed = parseNumber(text.replace('%', ''));
        if (!parsed.ok) return parsed;
        if (whole && !Number.isInteger(parsed.value))
          return { ok: false, fault: 'A whole number, please.' };
        return within(parsed.value * per, min, max, (n) => `${trim(n / per, decimals)}${suffix}`);
      }}
    />
  );
}
