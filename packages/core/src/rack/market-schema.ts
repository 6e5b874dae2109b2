import { type Static, Type } from '@sinclair/typebox';

/** A day things are sold on, and how many of which price are to lie on the table. */
export const MarketSchema = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 120 }),
    day: Type.String({
      pattern: '^(19[0-9]{2}|2[01][0-9]{2}|2200)-(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01])$',
      title: 'a day such as 2026-12-12',
    }),
    wants: Type.Array(
      Type.Object(
        {
          price: Type.Number({ minimum: 0, maximum: 1e6 }),
          pieces: Type.Integer({ minimum: 1, maximum: 999 }),
        },
        { additionalProperties: false },
      ),
      { maxItems: 20 },
    ),
  },
  { additionalProperties: false },
);

export type Market = Static<typeof MarketSchema>;
