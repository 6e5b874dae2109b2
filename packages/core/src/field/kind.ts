import { type TSchema, Type } from '@sinclair/typebox';
import { Id } from './schema';

/**
 * A field of a move or a setting, as data: from it come the schema of the document, the type in code and the
 * input on screen. Limits are in the field's own unit, which its name ends with.
 */
export type Field =
  | {
      readonly kind: 'number';
      readonly label: string;
      readonly min: number;
      readonly max: number;
      readonly unit?: 'mm' | 's' | 'deg';
      /** What a new one starts from. */
      readonly usual?: number;
      readonly optional?: boolean;
    }
  | {
      readonly kind: 'choice';
      readonly label: string;
      readonly of: readonly string[];
      /** What each is called, where its own word would not do. */
      readonly names?: Readonly<Record<string, string>>;
      readonly optional?: boolean;
    }
  | { readonly kind: 'yes-no'; readonly label: string; readonly optional?: boolean }
  | { readonly kind: 'point'; readonly label: string; readonly optional?: boolean }
  | { readonly kind: 'mix' | 'cup'; readonly label: string; readonly optional?: boolean }
  /** One or more, in the order they are used. */
  | { readonly kind: 'cups'; readonly label: string; readonly optional?: boolean };

export type Fields = Readonly<Record<string, Field>>;

type Value<F extends Field> = F extends { kind: 'number' }
  ? number
  : F extends { kind: 'choice'; of: readonly (infer C)[] }
    ? C
    : F extends { kind: 'yes-no' }
      ? boolean
      : F extends { kind: 'point' }
        ? [number, number]
        : F extends { kind: 'cups' }
          ? string[]
          : string;

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
  const schema = bare(field);
  return field.optional ? Type.Optional(schema) : schema;
}

const Coordinate = Type.Number({ minimum: -5000, maximum: 10000 });

function bare(field: Field): TSchema {
  switch (field.kind) {
    case 'number':
      return Type.Number({ minimum: field.min, maximum: field.max });
    case 'choice':
      return Type.Union(field.of.map((value) => Type.Literal(value)));
    case 'yes-no':
      return Type.Boolean();
    case 'point':
      return Type.Tuple([Coordinate, Coordinate]);
    case 'mix':
    case 'cup':
      return Id;
    case 'cups':
      return Type.Array(Id, { minItems: 1, maxItems: 48 });
  }
}
