import type { Field } from '@potter/core/field';
import { Choice } from '../choice';
import type { Control } from './control';

export const ChoiceInput: Control<Extract<Field, { kind: 'choice' }>> = ({
  field,
  value,
  onChange,
}) => (
  <Choice
    label={field.label}
    value={String(value ?? field.of[0])}
    options={field.of.map((v) => ({ value: v, label: field.names?.[v] ?? v }))}
    onChange={(v) => onChange(v)}
  />
);
