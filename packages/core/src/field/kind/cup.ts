import { Id } from '../../schema/parts';
import { defineKind, type FieldBase } from '../define';

/** A cup of the plan. */
export interface CupField extends FieldBase {
  readonly kind: 'cup';
}

export const cup = defineKind<CupField, string>({
  id: 'cup',
  schema: () => Id,
  start: (_, { cups }) => cups[0],
  refers: (id) => [{ to: 'cup', id, at: '' }],
});
