import { type Static, Type } from '@sinclair/typebox';
import { Hex, tagged } from '../field/schema';
import { glyphs } from './shape/glyphs';
import { outline } from './shape/outline';
import { oval } from './shape/oval';
import { polygon } from './shape/polygon';
import { rect } from './shape/rect';
import { ring } from './shape/ring';
import { round } from './shape/round';

export const ShapeSchema = tagged('kind', [
  rect.schema,
  round.schema,
  oval.schema,
  ring.schema,
  polygon.schema,
  outline.schema,
  glyphs.schema,
]);

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
          heightMm: Type.Number({ exclusiveMinimum: 0, maximum: 200 }),
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
  },
  { additionalProperties: false },
);

export type Shape = Static<typeof ShapeSchema>;
export type Surface = Static<typeof SurfaceSchema>;
