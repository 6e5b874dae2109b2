import { type Static, type TObject, type TUnsafe, Type } from '@sinclair/typebox';

/** A colour as #rrggbb. */
export const Hex = Type.String({ pattern: '^#[0-9a-fA-F]{6}$', title: 'a colour such as #d8a526' });

/** An id inside a plan: short, no spaces, safe in an address. */
export const Id = Type.String({
  pattern: '^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$',
  title: 'an id of letters, digits, dots and dashes',
});

/** A day, as a calendar has it. */
export const Day = Type.String({
  pattern: '^[0-9]{4}-(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01])$',
  title: 'a date such as 2026-11-28',
});

/**
 * A union of objects told apart by one literal property, so that a fault is reported against the one
 * variant that was meant, not against all of them.
 */
export function tagged<T extends TObject[]>(
  tag: string,
  variants: [...T],
): TUnsafe<Static<T[number]>> {
  return Type.Unsafe<Static<T[number]>>({
    type: 'object',
    required: [tag],
    discriminator: { propertyName: tag },
    oneOf: variants,
  });
}

/** One of some words, such as the ids of a registry. */
export const oneOf = <T extends string>(values: readonly T[]): TUnsafe<T> =>
  Type.Unsafe<T>(Type.Union(values.map((value) => Type.Literal(value))));

export const PictureId = Type.String({
  pattern: '^[a-z0-9-]{8,40}$',
  title: 'the id of a picture',
});
