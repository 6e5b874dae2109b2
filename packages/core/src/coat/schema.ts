import { type Static, Type } from '@sinclair/typebox';
import { Parts } from '../schema/amount';

const Name = Type.Optional(Type.String({ minLength: 1, maxLength: 80 }));
const Density = Type.Number({ minimum: 0.1, maximum: 5 });
const Hours = Type.Number({ minimum: 0.1, maximum: 5000 });

/** At 20 °C: dry to the touch; when another coat may follow; cured. */
const hours = { touchH: Hours, againH: Hours, curedH: Hours };

/** What the sheet of a two-part coat says. Parts and densities are those of the resin, then of the hardener. */
const TwoPartSchema = Type.Object(
  {
    name: Name,
    by: Type.Union([Type.Literal('volume'), Type.Literal('weight')]),
    parts: Type.Tuple([Parts, Parts]),
    gPerMl: Type.Tuple([Density, Density]),
    /** How long a batch can be worked once it is mixed, min. */
    openMin: Type.Number({ minimum: 1, maximum: 600 }),
    /** The most that may be mixed at once: more gets hot and goes off early. */
    mostMl: Type.Number({ minimum: 5, maximum: 1e5 }),
    ...hours,
  },
  { additionalProperties: false },
);

/** What the sheet of a varnish says. */
const VarnishSchema = Type.Object(
  { name: Name, m2PerL: Type.Number({ minimum: 0.1, maximum: 100 }), gPerMl: Density, ...hours },
  { additionalProperties: false },
);

/** The sheets of the top coats a plan is finished with, where they say other than is usual. */
export const SheetsSchema = Type.Object(
  { resin: Type.Optional(TwoPartSchema), varnish: Type.Optional(VarnishSchema) },
  { additionalProperties: false },
);

export type TwoPart = Static<typeof TwoPartSchema>;
export type Varnish = Static<typeof VarnishSchema>;

/** A sheet for every top coat there is. */
export interface Sheets {
  readonly resin: TwoPart;
  readonly varnish: Varnish;
}
