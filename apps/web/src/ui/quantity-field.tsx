import {
  type Dimension,
  parseNumber,
  parseQuantity,
  show,
  trim,
  type UnitId,
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

/** An amount with its unit, held in the base unit (g, mL, mm); any unit of the dimension may be typed. */
export function QuantityField({
  dimension,
  unit,
  value,
  min,
  max,
  ...rest
}: Shared & { readonly dimension: Dimension; readonly unit: UnitId; readonly value: number }) {
  return (
    <TextField
      {...rest}
      shown={show(value, unit)}
      read={(text) => {
        const parsed = parseQuantity(text, dimension, unit);
        return parsed.ok ? within(parsed.value, min, max, (n) => show(n, unit)) : parsed;
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
