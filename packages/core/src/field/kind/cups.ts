import { Type } from '@sinclair/typebox';
import { Id } from '../../schema/parts';
import { defineKind, type FieldBase } from '../define';

/** One or more cups, in the order they are used. */
export interface CupsField extends FieldBase {
  readonly kind: 'cups';
}

export const cups = defineKind<CupsField, string[]>({
  id: 'cups',
  schema: () => Type.Array(Id, { minItems: 1, maxItems: 48 }),
  start: (_, at) => (at.cups.length > 0 ? at.cups.slice(0, 1) : undefined),
  refers: (ids) => ids.map((id, i) => ({ to: 'cup', id, at: `/${i}` })),
  joined: (ids, id) => [...ids, id],
});
