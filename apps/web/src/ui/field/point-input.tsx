import type { Field } from '@potter/core/field';
import type { Control } from './control';
import { PlaceFields } from './place-fields';

export const PointInput: Control<Extract<Field, { kind: 'point' }>> = ({
  field,
  value,
  onChange,
}) => (
  <PlaceFields
    label={field.label}
    at={Array.isArray(value) ? (value as [number, number]) : [0, 0]}
    onChange={onChange}
  />
);
