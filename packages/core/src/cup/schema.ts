import { type Static, Type } from '@sinclair/typebox';
import { Amount, Fine } from '../schema/amount';
import { Id } from '../schema/parts';
import { OutletSchema, VesselSchema } from '../vessel/schema';

/** One pour of one mix into a cup. Either `parts` of what is left of the mix's pot, or `ml` pinned. */
const LayerSchema = Type.Object(
  {
    mix: Id,
    parts: Type.Optional(Fine(1e4)),
    ml: Type.Optional(Amount(1e5)),
    placement: Type.Union([
      Type.Literal('wall'),
      Type.Literal('middle'),
      Type.Literal('high'),
      Type.Literal('side'),
    ]),
    dropMm: Type.Optional(Type.Number({ minimum: 0, maximum: 2000 })),
    sideDeg: Type.Optional(Type.Number({ minimum: -360, maximum: 360 })),
  },
  { additionalProperties: false },
);

export const CupSchema = Type.Object(
  {
    id: Id,
    vessel: VesselSchema,
    loading: Type.Optional(
      Type.Union([
        Type.Literal('layered'),
        Type.Literal('side'),
        Type.Literal('split'),
        Type.Literal('single'),
      ]),
    ),
    layers: Type.Optional(Type.Array(LayerSchema, { maxItems: 120 })),
    /** Loaded as that cup, the other way round. */
    reverseOf: Type.Optional(Id),
    stir: Type.Optional(Type.Number({ minimum: 0, maximum: 1 })),
    /** Where paint leaves: over the rim, through the open bottom, through so many holes set on a ring, or through a tip so wide. */
    outlet: Type.Optional(OutletSchema),
    /** Which side of it one pours from, degrees clockwise from the right as one looks into it. */
    pourSideDeg: Type.Optional(Type.Number({ minimum: -360, maximum: 360 })),
    for: Type.Optional(Type.String({ maxLength: 64 })),
  },
  { additionalProperties: false },
);

export type Layer = Static<typeof LayerSchema>;
export type Cup = Static<typeof CupSchema>;
