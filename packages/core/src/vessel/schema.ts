import { type Static, Type } from '@sinclair/typebox';

/** No cup is narrower, or lower, than a thimble is thick. */
const Across = Type.Number({ minimum: 1, maximum: 600 });

/** A cup as a straight-sided frustum, inner measures in mm. One that tapers to a tip or has holes is measured at its body. */
export const VesselSchema = Type.Object(
  {
    name: Type.Optional(Type.String({ maxLength: 80 })),
    topMm: Across,
    bottomMm: Across,
    heightMm: Across,
    /** Parts it is divided into, such as the lobes of a bottle's foot; one where it says nothing. */
    compartments: Type.Optional(Type.Integer({ minimum: 2, maximum: 12 })),
  },
  { additionalProperties: false },
);
/** Where a vessel lets its paint out: over its rim, through its open bottom, through so many holes set on a ring, or through a tip so wide. */
export const OutletSchema = Type.Union([
  Type.Literal('rim'),
  Type.Literal('bottom'),
  Type.Object(
    {
      holes: Type.Integer({ minimum: 2, maximum: 200 }),
      ringMm: Type.Number({ minimum: 1, maximum: 600 }),
    },
    { additionalProperties: false },
  ),
  Type.Object(
    { tipMm: Type.Number({ minimum: 0.1, maximum: 60 }) },
    { additionalProperties: false },
  ),
]);

export type Vessel = Static<typeof VesselSchema>;
export type VesselOutlet = Static<typeof OutletSchema>;
