import { type Static, Type } from '@sinclair/typebox';
import { Hex, Id } from '../schema/parts';

/** A recipe for a colour that its artist has named, to be found again. */
export const OwnRecipeSchema = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 80 }),
    /** The colour that was looked for. */
    hex: Hex,
    paints: Type.Array(
      Type.Object(
        { paint: Id, parts: Type.Number({ exclusiveMinimum: 0, maximum: 1e4 }) },
        { additionalProperties: false },
      ),
      { minItems: 1, maxItems: 8 },
    ),
  },
  { additionalProperties: false },
);

export type OwnRecipe = Static<typeof OwnRecipeSchema>;
