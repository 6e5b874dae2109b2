import { Type } from '@sinclair/typebox';
import { defineKind, type FieldBase } from '../define';

/** One of some words. */
export interface ChoiceField extends FieldBase {
  readonly kind: 'choice';
  readonly of: readonly string[];
  /** What each is called, where its own word would not do. */
  readonly names?: Readonly<Record<string, string>>;
}

export const choice = defineKind<ChoiceField, string>({
  id: 'choice',
  schema: ({ of }) => Type.Union(of.map((value) => Type.Literal(value))),
  start: ({ of }) => of[0],
  misfit: (value, { of }) =>
    of.some((one) => one === value) ? undefined : `must be one of ${of.join(', ')}`,
});
