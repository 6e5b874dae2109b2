import { Type } from '@sinclair/typebox';
import { defineKind, type FieldBase } from '../define';

/** A number with its limits, in the unit its name ends with. */
export interface NumberField extends FieldBase {
  readonly kind: 'number';
  readonly min: number;
  readonly max: number;
  readonly unit?: 'mm' | 's' | 'deg';
  /** A length over the face, or a volume of paint on it: it grows and shrinks with the piece. */
  readonly grows?: 'length' | 'volume';
  /** What a new one starts from. */
  readonly usual?: number;
}

export const number = defineKind<NumberField, number>({
  id: 'number',
  schema: ({ min, max }) => Type.Number({ minimum: min, maximum: max }),
  start: (field) => within(field, field.usual ?? field.min),
  misfit: (value, { min, max }) =>
    typeof value === 'number' && value >= min && value <= max
      ? undefined
      : `must be a number from ${min} to ${max}`,
  carried: (value, carry, field) =>
    field.grows ? within(field, carry[field.grows](value)) : value,
});

const within = ({ min, max }: NumberField, value: number): number =>
  Math.min(max, Math.max(min, value));
