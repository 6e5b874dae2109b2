import { type Static, Type } from '@sinclair/typebox';
import { Id } from '../schema/parts';

/** The id of a note. */
export const LessonId = Type.String({
  pattern: '^[a-z0-9-]{4,40}$',
  title: 'the id of a note',
});

const lesson = {
  id: LessonId,
  says: Type.String({ minLength: 1, maxLength: 400 }),
  /** One paint, or two that lie on each other. */
  paints: Type.Optional(Type.Array(Id, { minItems: 1, maxItems: 2, uniqueItems: true })),
  technique: Type.Optional(Type.String({ minLength: 1, maxLength: 64 })),
};

/** What to do otherwise next time. It comes back on plans with its paints and its technique; on every plan where it names neither. */
export const LessonSchema = Type.Object(lesson, { additionalProperties: false });

/** The same with the piece it was learnt from. */
export const LessonLearntSchema = Type.Object(
  {
    ...lesson,
    piece: Type.String({ maxLength: 48 }),
    from: Type.String({ minLength: 1, maxLength: 120 }),
  },
  { additionalProperties: false },
);

export type Lesson = Static<typeof LessonSchema>;
export type LessonLearnt = Static<typeof LessonLearntSchema>;
