import { type TObject, Type } from '@sinclair/typebox';
import { fieldSchema } from '../field/kind';
import { Id, tagged } from '../schema/parts';
import { VERBS } from './move';

const COMMON = {
  id: Id,
  s: Type.Optional(Type.Number({ minimum: 0, maximum: 86400 * 60 })),
  with: Type.Optional(Id),
  piece: Type.Optional(Type.Integer({ minimum: 1, maximum: 500 })),
  own: Type.Optional(Type.Boolean()),
  note: Type.Optional(Type.String({ maxLength: 1000 })),
};

/** Schema of a move, made from the fields every verb states. */
export const MoveSchema = tagged(
  'verb',
  Object.values(VERBS).map((verb): TObject =>
    Type.Object(
      {
        ...COMMON,
        verb: Type.Literal(verb.id),
        ...Object.fromEntries(
          Object.entries(verb.fields).map(([name, field]) => [name, fieldSchema(field)]),
        ),
      },
      { additionalProperties: false },
    ),
  ),
);
