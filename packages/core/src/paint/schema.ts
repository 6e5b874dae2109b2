import { type Static, Type } from '@sinclair/typebox';
import { Hex, Id } from '../schema/parts';

const oneOf = <T extends string>(...values: T[]) => Type.Union(values.map((v) => Type.Literal(v)));

const OpacityClassSchema = oneOf('transparent', 'semi-transparent', 'semi-opaque', 'opaque');
export const BodySchema = oneOf('heavy', 'soft', 'fluid', 'craft', 'ready');
const FinishSchema = oneOf('matt', 'satin', 'gloss', 'metallic', 'pearl', 'interference', 'neon');

export const PaintSchema = Type.Object(
  {
    id: Id,
    name: Type.String({ minLength: 1, maxLength: 80 }),
    hex: Hex,
    opacity: Type.Union([
      OpacityClassSchema,
      Type.Object(
        {
          contrastRatio: Type.Number({ minimum: 0.005, maximum: 0.9999 }),
          wetMicrons: Type.Number({ minimum: 5, maximum: 2000 }),
        },
        { additionalProperties: false },
      ),
    ]),
    body: BodySchema,
    finish: FinishSchema,
    densityGPerMl: Type.Optional(Type.Number({ minimum: 0.8, maximum: 3 })),
    pigments: Type.Optional(
      Type.Array(
        Type.String({
          pattern: '^[A-Za-z]{2,3}[0-9.:]{0,8}$',
          title: 'a pigment code such as PY42',
        }),
        { maxItems: 8 },
      ),
    ),
    /** What one part of it in ten of titanium white dried to; where it is known it settles how strongly the paint tints. */
    tint10Hex: Type.Optional(Hex),
    note: Type.Optional(Type.String({ maxLength: 1000 })),
  },
  { additionalProperties: false },
);

export type Paint = Static<typeof PaintSchema>;
export type OpacityClass = Static<typeof OpacityClassSchema>;
export type Body = Static<typeof BodySchema>;
export type Finish = Static<typeof FinishSchema>;
