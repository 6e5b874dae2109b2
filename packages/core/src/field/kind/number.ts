import { Type } from '@sinclair/typebox';
import { defineKind, type FieldBase } from '../define';

/** A number with its limits, in the unit its name ends with. */
export interface NumberField extends FieldBase {
  readonly kind: 'number';
  readonly min: number;
  readonly max: number;
  readonly unit?: 'mm' | 's' | 'deg';
  /** What a new one starts from. */
  readonly usual?: number;
}

export const number = defineKind<NumberField, number>({
  id: 'number',
  schema: ({ min, max }) => Type.Number({ minimum: min, maximum: max }),
  start: ({ min, max, usual = min }) => Math.min(max, Math.max(min, usual)),
});
