import { type Static, Type } from '@sinclair/typebox';

const Across = Type.Number({ exclusiveMinimum: 0, maximum: 600 });

/** A cup as a straight-sided frustum, inner measures in mm. */
export const VesselSchema = Type.Object(
  {
    name: Type.Optional(Type.String({ maxLength: 80 })),
    topMm: Across,
    bottomMm: Across,
    heightMm: Across,
  },
  { additionalProperties: false },
);
export type Vessel = Static<typeof VesselSchema>;
