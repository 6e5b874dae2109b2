import { type Static, Type } from '@sinclair/typebox';
import { Amount, Parts } from '../schema/amount';
import { PaintSchema } from '../paint/schema';
import { Day, Id } from '../schema/parts';

export const ConsistencySchema = Type.Union([
  Type.Literal('thin'),
  Type.Literal('flowing'),
  Type.Literal('medium'),
  Type.Literal('thick'),
]);

/** Additive per mL of mix: oil in drops, powder in grams. */
const AdditiveSchema = Type.Union([
  Type.Object(
    {
      material: Id,
      drops: Amount(1000),
      perMl: Amount(1e4),
    },
    { additionalProperties: false },
  ),
  Type.Object(
    {
      material: Id,
      g: Amount(1e4),
      perMl: Amount(1e4),
    },
    { additionalProperties: false },
  ),
]);

/**
 * One colour made pourable. Paint parts are relative among themselves; `medium.parts` and `waterParts` are
 * per 1 part of all paint together. Without a medium the paint is poured as it comes.
 */
export const MixSchema = Type.Object(
  {
    id: Id,
    name: Type.String({ minLength: 1, maxLength: 80 }),
    basis: Type.Union([Type.Literal('volume'), Type.Literal('weight')]),
    paints: Type.Array(Type.Object({ paint: Id, parts: Parts }, { additionalProperties: false }), {
      minItems: 1,
      maxItems: 8,
    }),
    medium: Type.Optional(Type.Object({ id: Id, parts: Parts }, { additionalProperties: false })),
    waterParts: Type.Optional(Type.Number({ minimum: 0, maximum: 1e4 })),
    additives: Type.Optional(Type.Array(AdditiveSchema, { maxItems: 6 })),
    consistency: ConsistencySchema,
    /** Goes its own way: what is done to all mixes alike leaves it as it is. */
    ownWay: Type.Optional(Type.Literal(true)),
    note: Type.Optional(Type.String({ maxLength: 1000 })),
    /** A card painted with the mix itself, dried and judged: it beats what is reckoned, as long as the mix is what it was then. */
    card: Type.Optional(
      Type.Object(
        {
          on: Day,
          opacity: PaintSchema.properties.opacity,
          /** What the mix was then: its paints, medium and water by their parts. */
          of: Type.String({ maxLength: 4000 }),
        },
        { additionalProperties: false },
      ),
    ),
  },
  { additionalProperties: false },
);

export type Mix = Static<typeof MixSchema>;
export type Additive = Static<typeof AdditiveSchema>;
export type Consistency = Static<typeof ConsistencySchema>;
