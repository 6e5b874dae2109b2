import type { Field } from '@potter/core/field';
import { NumberField } from '../quantity-field';
import type { Control } from './control';

const SUFFIX = { mm: ' mm', s: ' s', deg: '°' } as const;

export const NumberInput: Control<Extract<Field, { kind: 'number' }>> = ({
  field,
  value,
  onChange,
}) => (
  <NumberField
    className="min-w-[120px] flex-1"
    label={field.label}
    value={typeof value === 'number' ? value : field.min}
    min={field.min}
    max={field.max}
    suffix={field.unit ? SUFFIX[field.unit] : ''}
    onChange={(n) => onChange(n, field.label)}
  />
);
