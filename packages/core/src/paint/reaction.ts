import { type Static, Type } from '@sinclair/typebox';
import { Id, tagged } from '../field/schema';

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

/** What happened, after the two names. */
export const REACTED: Readonly<Record<Reaction['what'], string>> = {
  lumpy: 'went lumpy',
  cracked: 'cracked as they dried',
  parted: 'would not mix',
  turned: 'turned another colour',
  failed: 'did not work together',
};

/** What is noted of two paints, either way round. */
export const reactionOf = (
  reactions: readonly Reaction[],
  makers: Readonly<Record<string, string>>,
  paintA: string,
  paintB: string,
): Reaction | undefined => {
  const is = (side: ReactionSide, paint: string): boolean =>
    side.kind === 'paint' ? side.id === paint : sameMaker(side.name, makers[paint]);
  return reactions.find(
    ({ a, b }) => (is(a, paintA) && is(b, paintB)) || (is(a, paintB) && is(b, paintA)),
  );
};

const sameMaker = (a: string, b: string | undefined): boolean =>
  b !== undefined && a.trim().toLowerCase() === b.trim().toLowerCase();
