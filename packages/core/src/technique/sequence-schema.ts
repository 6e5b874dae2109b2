import { type Static, Type } from '@sinclair/typebox';
import { idsOf } from '../registry';
import { Id, oneOf } from '../schema/parts';
import { Side } from '../surface/shape/side';
import type { Move } from '../verb';
import { MoveSchema } from '../verb/schema';
import { TECHNIQUES } from './catalogue';

/**
 * A technique of one's own: one of the catalogue done further by hand, as the list of moves it came to. It lies on a face of its own size, and is
 * carried to the plan's; cups and mixes go by their places, `cup-2`, `base`, `activator`, `edge`, `colour-3`.
 */
export const SequenceSchema = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 60 }),
    says: Type.Optional(Type.String({ maxLength: 400 })),
    widthMm: Side,
    heightMm: Side,
    /** How many cups it pours. */
    cups: Type.Integer({ minimum: 1, maximum: 48 }),
    moves: Type.Array(Type.Unsafe<Move>(MoveSchema), { minItems: 1, maxItems: 120 }),
    /** Fields of its moves that are settings of the technique, by the moves they are of and by name. */
    settings: Type.Array(
      Type.Object(
        { moves: Type.Array(Id, { minItems: 1, maxItems: 120 }), field: Id },
        { additionalProperties: false },
      ),
      {
        maxItems: 24,
      },
    ),
  },
  { additionalProperties: false },
);
export type Sequence = Static<typeof SequenceSchema>;

/** One as a plan is poured by it, with the settings told for this plan. */
export const ChosenSequenceSchema = Type.Object(
  {
    ...SequenceSchema.properties,
    set: Type.Record(
      Type.String({ pattern: '^[A-Za-z0-9._-]{1,130}$' }),
      Type.Union([Type.Number(), Type.Boolean(), Type.String({ maxLength: 40 })]),
    ),
  },
  { additionalProperties: false },
);
export type ChosenSequence = Static<typeof ChosenSequenceSchema>;

/** One as an artist keeps and shares it: with the technique of the catalogue it began as, whose needs are its own. */
export const OwnTechniqueSchema = Type.Object(
  { began: oneOf(idsOf(TECHNIQUES)), sequence: SequenceSchema },
  { additionalProperties: false },
);
export type OwnTechnique = Static<typeof OwnTechniqueSchema>;
