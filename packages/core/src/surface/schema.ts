import { type Static, Type } from '@sinclair/typebox';
import { Hex, tagged } from '../schema/parts';
import { type Shape, SHAPES } from './shape';
import { SUPPORTS } from './supports';

export const ShapeSchema = Type.Unsafe<Shape>(
  tagged(
    'kind',
    Object.values(SHAPES).map(({ schema }) => schema),
  ),
);

export const SurfaceSchema = Type.Object(
  {
    shape: ShapeSchema,
    edgeDepthMm: Type.Number({ minimum: 0, maximum: 200, default: 0 }),
    coverEdges: Type.Boolean({ default: false }),
    rim: tagged('kind', [
      Type.Object({ kind: Type.Literal('open') }, { additionalProperties: false }),
      Type.Object(
        {
          kind: Type.Literal('raised'),
          heightMm: Type.Number({ minimum: 0.1, maximum: 200 }),
        },
        { additionalProperties: false },
      ),
    ]),
    absorbency: Type.Union([Type.Literal('sealed'), Type.Literal('primed'), Type.Literal('raw')]),
    ground: Type.Object(
      {
        hex: Hex,
        finish: Type.Union([
          Type.Literal('matt'),
          Type.Literal('satin'),
          Type.Literal('gloss'),
          Type.Literal('metallic'),
        ]),
        /** Sprayed and sealed, so that a mistake wipes off with a damp towel. */
        sprayed: Type.Optional(Type.Boolean()),
      },
      { additionalProperties: false },
    ),
    pieces: Type.Integer({ minimum: 1, maximum: 500 }),
    use: Type.Union([
      Type.Literal('indoor'),
      Type.Literal('outdoor'),
      Type.Literal('hot'),
      Type.Literal('handled'),
    ]),
    /** What it is made of: says how it is prepared. */
    support: Type.Optional(Type.Union(SUPPORTS.map((support) => Type.Literal(support)))),
    /** Its back: taped before the pour, sanded clean after, or left. */
    back: Type.Optional(
      Type.Union([Type.Literal('tape'), Type.Literal('sand'), Type.Literal('leave')]),
    ),
    /** Poured over an old piece, and whether that one held silicone. */
    over: Type.Optional(
      Type.Object(
        {
          silicone: Type.Union([Type.Literal('yes'), Type.Literal('no'), Type.Literal('unknown')]),
          /** The pour it was, by its id in the journal. */
          run: Type.Optional(Type.String({ minLength: 1, maxLength: 64 })),
        },
        { additionalProperties: false },
      ),
    ),
    /** What the blank weighs, one piece, g: then what is left on can be weighed. */
    weighsG: Type.Optional(Type.Number({ minimum: 0.01, maximum: 1e5 })),
  },
  { additionalProperties: false },
);

export type { Shape };
export type Surface = Static<typeof SurfaceSchema>;
