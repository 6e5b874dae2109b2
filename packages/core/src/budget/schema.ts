import { type Static, Type } from '@sinclair/typebox';
import { idsOf } from '../registry';
import { Amount, Fine } from '../schema/amount';
import { Id, oneOf } from '../schema/parts';
import { type SchoolId, SCHOOLS } from './school';

const PotUseSchema = Type.Union([
  Type.Literal('base'),
  Type.Literal('activator'),
  Type.Literal('edge'),
  Type.Literal('extender'),
  Type.Literal('keep'),
  Type.Literal('dots'),
]);

/** An amount set aside besides the colours: a film, a volume, a mass, or a share of the colours. */
const PotSchema = Type.Object(
  {
    use: PotUseSchema,
    mix: Type.Optional(Id),
    filmMm: Type.Optional(Amount(20)),
    ml: Type.Optional(Amount(1e5)),
    g: Type.Optional(Amount(1e5)),
    share: Type.Optional(Fine(1)),
  },
  { additionalProperties: false },
);

/** What a colour is for in the picture. */
const IntentSchema = Type.Union([
  Type.Literal('background'),
  Type.Literal('dominant'),
  Type.Literal('support'),
  Type.Literal('dark'),
  Type.Literal('accent'),
]);

export const BudgetSchema = Type.Object(
  {
    school: oneOf(idsOf(SCHOOLS)),
    /** School film: colours laid, mm. */
    laidMm: Type.Optional(Amount(20)),
    /** School own: the artist's own figure. */
    gPerCm2: Type.Optional(Fine(5)),
    /** Covered edges are in the figure of a school that may count them, or not; absent, they are where no pot is set aside for them. */
    countEdges: Type.Optional(Type.Boolean()),
    /** Part of the school's figure for colours that is laid: all of it where it says nothing. */
    part: Type.Optional(Type.Number({ minimum: 0.01, maximum: 3 })),
    insurance: Type.Number({ minimum: 0, maximum: 1 }),
    stepG: Type.Number({ minimum: 0.01, maximum: 100 }),
    /** Measured by the marks on a cup instead of a scale: pots come in whole steps of so many mL. */
    stepMl: Type.Optional(Type.Number({ minimum: 0.5, maximum: 500 })),
    /** Mixes are made so large that their main parts come to whole multiples of so many grams. */
    partsToG: Type.Optional(Type.Number({ minimum: 1, maximum: 500 })),
    shares: Type.Array(
      Type.Object(
        {
          mix: Id,
          share: Type.Number({ minimum: 0, maximum: 1e4 }),
          /** Set by hand: it stays while others fill the rest. */
          set: Type.Optional(Type.Boolean()),
          intent: Type.Optional(IntentSchema),
        },
        { additionalProperties: false },
      ),
      { minItems: 1, maxItems: 24 },
    ),
    pots: Type.Array(PotSchema, { maxItems: 24 }),
  },
  { additionalProperties: false },
);

export type Budget = Static<typeof BudgetSchema>;
export type Pot = Static<typeof PotSchema>;
export type PotUse = Static<typeof PotUseSchema>;
export type { SchoolId };
export type Intent = Static<typeof IntentSchema>;
