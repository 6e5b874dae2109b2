import { type Static, Type } from '@sinclair/typebox';
import { FactorsSchema } from '../../factor/schema';
import { Amount } from '../../schema/amount';
import { HouseSchema } from '../../schedule/house/schema';
import { LessonLearntSchema } from '../../remark/lesson-schema';
import { ReactionSchema } from '../../paint/reaction-schema';

const Price = Type.Object(
  {
    price: Type.Number({ minimum: 0, maximum: 1e6 }),
    ml: Type.Optional(Amount(1e6)),
    g: Type.Optional(Amount(1e6)),
  },
  { additionalProperties: false },
);

/** What is not the plan's: today, prices, the artist's own figures. Everything has a default. */
export const StudioSchema = Type.Object(
  {
    today: Type.Optional(
      Type.String({ pattern: '^[0-9]{4}-[0-9]{2}-[0-9]{2}$', title: 'a date such as 2026-11-28' }),
    ),
    currency: Type.Optional(
      Type.String({ pattern: '^[A-Z]{3}$', title: 'a currency code such as EUR' }),
    ),
    /** By paint or material id; "varnish" and "resin" for top coats. A price is for `ml` or `g` of it. */
    prices: Type.Optional(Type.Record(Type.String({ maxLength: 64 }), Price)),
    /** mL of mediums that stand ready, by their id: they need not be made. */
    ready: Type.Optional(
      Type.Record(Type.String({ maxLength: 64 }), Type.Number({ minimum: 0, maximum: 1e6 })),
    ),
    /** Paints and makers that did not get on. */
    reactions: Type.Optional(Type.Array(ReactionSchema, { maxItems: 2000 })),
    /** What was to be done otherwise after earlier pieces. */
    lessons: Type.Optional(Type.Array(LessonLearntSchema, { maxItems: 2000 })),
    /** Maker, line or grade of paints, by their id. */
    makers: Type.Optional(
      Type.Record(Type.String({ maxLength: 64 }), Type.String({ maxLength: 80 })),
    ),
    /** Price of one blank surface. */
    surfacePrice: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
    /** When somebody is at the table. */
    house: Type.Optional(HouseSchema),
    /** This artist's own figures, where they have been learnt to be other than the usual. */
    factors: Type.Optional(FactorsSchema),
  },
  { additionalProperties: false },
);
export type Studio = Static<typeof StudioSchema>;
