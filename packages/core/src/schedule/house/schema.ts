import { type Static, Type } from '@sinclair/typebox';

const Clock = Type.String({
  pattern: '^([01][0-9]|2[0-3]):[0-5][0-9]$',
  title: 'a time such as 09:00',
});

/** How the house works: where pieces lie, on which days and from when somebody is at the table, how long what is ordered takes. */
export const HouseSchema = Type.Object(
  {
    /** Boards pieces lie on until they are dry to the touch; without them space is no matter. */
    boards: Type.Optional(
      Type.Object(
        {
          count: Type.Integer({ minimum: 1, maximum: 200 }),
          widthMm: Type.Number({ minimum: 100, maximum: 10_000 }),
          depthMm: Type.Number({ minimum: 100, maximum: 10_000 }),
        },
        { additionalProperties: false },
      ),
    ),
    /** Days of the week somebody pours and coats on, 0 for Sunday. */
    workDays: Type.Array(Type.Integer({ minimum: 0, maximum: 6 }), {
      minItems: 1,
      maxItems: 7,
      uniqueItems: true,
    }),
    from: Clock,
    to: Clock,
    /** Pours that are looked for on one day at most: each wants its mixing too. */
    perDay: Type.Integer({ minimum: 1, maximum: 20 }),
    /** Days from an order to the door. */
    orderDays: Type.Integer({ minimum: 0, maximum: 365 }),
  },
  { additionalProperties: false },
);

export type House = Static<typeof HouseSchema>;
