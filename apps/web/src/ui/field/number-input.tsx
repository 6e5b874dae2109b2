import type { Field } from '@potter/core/field';
import { NumberField, QuantityField } from '../quantity-field';
import type { Control } from './control';

/** What a field's unit measures, where other units of it may be typed too. */
const DIMENSIONS = { mm: 'length', s: 'time' } as const;

export const NumberInput: Control<Extract<Field, { kind: 'number' }>> = ({
  field: { label, min, max, unit, usual = min },
  value,
  onChange,
}) => {
  const shared = {
    className: 'min-w-[120px] flex-1',
    label,
    value: typeof value === 'number' ? value : usual,
    min,
    max,
    onChange: (n: number) => onChange(n, label),
  };
  return unit === 'mm' || unit === 's' ? (
    <QuantityField {...shared} dimension={DIMENSIONS[unit]} unit={unit} decimals={2} />
  ) : (
    <NumberField {...shared} suffix={unit ? '°' : ''} />
  );
};
