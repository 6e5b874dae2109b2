import { type Static, Type } from '@sinclair/typebox';
import { Id, tagged } from '../schema/parts';

const Side = tagged('kind', [
  Type.Object(
    {
      kind: Type.Literal('paint'),
      id: Id,
      name: Type.String({ minLength: 1, maxLength: 80 }),
    },
    { additionalProperties: false },
  ),
  /** Every paint of a maker or line, in the artist's own words. */
  Type.Object(
    { kind: Type.Literal('maker'), name: Type.String({ minLength: 1, maxLength: 80 }) },
    { additionalProperties: false },
  ),
]);

/** Two paints, or paints of two makers, that did not get on. */
export const ReactionSchema = Type.Object(
  {
    id: Type.String({ pattern: '^[a-z0-9-]{8,40}$', title: 'an id of this studio' }),
    on: Type.String({
      pattern: '^[0-9]{4}-(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01])$',
      title: 'a date such as 2026-11-28',
    }),
    a: Side,
    b: Side,
    what: Type.Union([
      Type.Literal('lumpy'),
      Type.Literal('cracked'),
      Type.Literal('parted'),
      Type.Literal('turned'),
      Type.Literal('failed'),
    ]),
    note: Type.Optional(Type.String({ maxLength: 400 })),
  },
  { additionalProperties: false },
);

export type Reaction = Static<typeof ReactionSchema>;
export type ReactionSide = Reaction['a'];
