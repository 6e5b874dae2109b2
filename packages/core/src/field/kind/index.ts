import { type TSchema, Type } from '@sinclair/typebox';
import { registry } from '../../registry';
import type { Carry } from '../../surface/path';
import type { FieldBase, FieldKind, Reference, Surroundings } from '../define';
import { choice } from './choice';
import { cup } from './cup';
import { cups } from './cups';
import { mix } from './mix';
import { number } from './number';
import { path } from './path';
import { point } from './point';
import { yesNo } from './yes-no';

const ALL = [number, choice, yesNo, point, path, mix, cup, cups] as const;
type Kind = (typeof ALL)[number];

/**
 * A field of a move or a setting, as data: from it come the schema of the document, the type in code and the
 * input on screen.
 */
export type Field = Parameters<Kind['schema']>[0];
export type FieldKindId = Field['kind'];

/** Every kind of field by its id. */
export const FIELD_KINDS = registry<FieldKind<FieldBase & { readonly kind: string }, unknown>>()(
  'kind of field',
  ALL,
);

export type Fields = Readonly<Record<string, Field>>;

type ValueOfKind<I> = Exclude<ReturnType<Extract<Kind, { readonly id: I }>['start']>, undefined>;

/** The value of a field; where it lists what it may be, one of those. */
type Value<F extends Field> = F extends { of: readonly (infer C)[] } ? C : ValueOfKind<F['kind']>;

/** What any field may hold. */
export type FieldValue = ValueOfKind<FieldKindId>;

type OptionalKeys<F extends Fields> = {
  [K in keyof F]: F[K] extends { optional: true } ? K : never;
}[keyof F];

/** The values an object with these fields holds. */
export type ValuesOf<F extends Fields> = {
  -readonly [K in Exclude<keyof F, OptionalKeys<F>>]: Value<F[K]>;
} & {
  -readonly [K in OptionalKeys<F>]?: Value<F[K]>;
};

/** The schema of one field. */
export function fieldSchema(field: Field): TSchema {
  const schema = FIELD_KINDS[field.kind].schema(field);
  return field.optional ? Type.Optional(schema) : schema;
}

/** What a new field starts from; undefined where it may be left out, or the plan has nothing for it. */
export const startOf = (field: Field, at: Surroundings): FieldValue | undefined =>
  field.optional ? undefined : (FIELD_KINDS[field.kind].start(field, at) as FieldValue | undefined);

/** What an object with these fields names in its plan, each with the pointer to where, from the object. */
export function referencesIn(fields: Fields, values: object): Reference[] {
  const found: Reference[] = [];
  for (const name in fields) {
    const value = (values as Readonly<Record<string, unknown>>)[name];
    if (value === undefined) continue;
    for (const r of FIELD_KINDS[fields[name]!.kind].refers?.(value) ?? [])
      found.push({ ...r, at: `/${name}${r.at}` });
  }
  return found;
}

/** An object with these fields as it would be on another face. */
export const carriedFields = <V extends object>(fields: Fields, values: V, carry: Carry): V => ({
  ...values,
  ...Object.fromEntries(
    Object.entries(fields).flatMap(([name, field]) => {
      const value = (values as Readonly<Record<string, unknown>>)[name];
      const { carried } = FIELD_KINDS[field.kind];
      return value === undefined || !carried ? [] : [[name, carried(value, carry, field)]];
    }),
  ),
});

/** What is wrong with the values of these fields that their schemas do not see. */
export const faultsIn = (
  fields: Fields,
  values: object,
): { readonly at: string; readonly message: string }[] =>
  Object.entries(fields).flatMap(([name, field]) => {
    const value = (values as Readonly<Record<string, unknown>>)[name];
    const message = value === undefined ? undefined : FIELD_KINDS[field.kind].fault?.(value, field);
    return message === undefined ? [] : [{ at: `/${name}`, message }];
  });
