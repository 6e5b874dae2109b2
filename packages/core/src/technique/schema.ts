import { Type } from '@sinclair/typebox';
import { fieldSchema } from '../field/kind';
import { tagged } from '../schema/parts';
import { TECHNIQUES } from './catalogue';

/** A technique as a plan names it; settings left out take the technique's defaults. */
export const TechniqueChoiceSchema = tagged(
  'id',
  Object.values(TECHNIQUES).map((technique) =>
    Type.Object(
      {
        id: Type.Literal(technique.id),
        settings: Type.Object(
          Object.fromEntries(
            Object.entries(technique.settings).map(([name, field]) => [
              name,
              Type.Optional(fieldSchema(field)),
            ]),
          ),
          { additionalProperties: false },
        ),
      },
      { additionalProperties: false },
    ),
  ),
);
