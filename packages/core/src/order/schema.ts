import { type Static, Type } from '@sinclair/typebox';
import { Id } from '../schema/parts';

const School = Type.Union([Type.Literal('contrast'), Type.Literal('family'), Type.Literal('ramp')]);

/** What is asked of the order in every cup of a plan; a mix that is not in a cup asks nothing of it. */
export const CupOrderSchema = Type.Object(
  {
    school: School,
    /** Mixes that go in first and last. */
    first: Type.Optional(Id),
    last: Type.Optional(Id),
    /** The same mix goes in first and last, whichever it is. */
    sameEnds: Type.Optional(Type.Boolean()),
    /** Cups that stand beside each other turn different mixes to each other. */
    facing: Type.Optional(Type.Boolean()),
    /** Mixes that may not touch. */
    apart: Type.Optional(
      Type.Array(Type.Object({ a: Id, b: Id }, { additionalProperties: false }), {
        maxItems: 200,
      }),
    ),
    /** Mixes whose blend is wanted: nothing is said of their touching. */
    wanted: Type.Optional(
      Type.Array(Type.Object({ a: Id, b: Id }, { additionalProperties: false }), {
        maxItems: 200,
      }),
    ),
    /** A thin layer of this mix goes between neighbours that get on badly. */
    separator: Type.Optional(Id),
    /** So many other layers lie between a mix and its repeat. */
    spacing: Type.Optional(Type.Integer({ minimum: 1, maximum: 3 })),
  },
  { additionalProperties: false },
);

export type CupOrder = Static<typeof CupOrderSchema>;
