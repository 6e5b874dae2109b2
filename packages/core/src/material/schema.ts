import { type Static, Type } from '@sinclair/typebox';
import { Parts } from '../schema/amount';
import { Id } from '../schema/parts';

/** Anything that goes into a mix and is not a paint. */
export const MaterialSchema = Type.Object(
  {
    id: Id,
    name: Type.String({ minLength: 1, maxLength: 80 }),
    role: Type.Union([
      Type.Literal('water'),
      Type.Literal('medium'),
      Type.Literal('binder'),
      Type.Literal('oil'),
      Type.Literal('powder'),
    ]),
    densityGPerMl: Type.Number({ minimum: 0.1, maximum: 12 }),
    viscosityPaS: Type.Number({ minimum: 1e-4, maximum: 1000 }),
    /** Weight of a loosely filled millilitre of a powder, air between the grains included: what a scoop holds. */
    looseGPerMl: Type.Optional(Type.Number({ minimum: 0.01, maximum: 5 })),
    note: Type.Optional(Type.String({ maxLength: 400 })),
  },
  { additionalProperties: false },
);
export type Material = Static<typeof MaterialSchema>;

/** What goes into a ready-made medium: materials, or other mediums, in parts of one basis. */
export const MediumSchema = Type.Object(
  {
    id: Id,
    name: Type.String({ minLength: 1, maxLength: 80 }),
    basis: Type.Union([Type.Literal('volume'), Type.Literal('weight')]),
    of: Type.Array(
      Type.Union([
        Type.Object({ material: Id, parts: Parts }, { additionalProperties: false }),
        Type.Object({ medium: Id, parts: Parts }, { additionalProperties: false }),
      ]),
      { minItems: 1, maxItems: 12 },
    ),
  },
  { additionalProperties: false },
);
export type Medium = Static<typeof MediumSchema>;
