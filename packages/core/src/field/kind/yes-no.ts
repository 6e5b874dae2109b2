import { Type } from '@sinclair/typebox';
import { defineKind, type FieldBase } from '../define';

export interface YesNoField extends FieldBase {
  readonly kind: 'yes-no';
}

export const yesNo = defineKind<YesNoField, boolean>({
  id: 'yes-no',
  schema: () => Type.Boolean(),
  start: () => false,
  misfit: (value) => (typeof value === 'boolean' ? undefined : 'must be yes or no'),
});
