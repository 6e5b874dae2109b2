import type { Field } from '@potter/core/field';
import { Choice } from '../choice';
import type { Control } from './control';

export const CupInput: Control<Extract<Field, { kind: 'cup' }>> = ({
  field,
  value,
  cups,
  onChange,
}) => (
  <Choice
    label={field.label}
    value={String(value)}
    options={cups.map((c, i) => ({ value: c.id, label: `Cup ${i + 1}` }))}
    onChange={(v) => onChange(v)}
  />
);
