import { type Static, Type } from '@sinclair/typebox';
import { Id, PictureId } from '../schema/parts';
import { type Plan, PlanSchema } from '../plan/document/schema';

/** A moment, milliseconds since 1970 UTC, by the clock of the device at the table. */
const Moment = Type.Integer({ minimum: 0, maximum: 8.64e15 });

const Coordinate = Type.Number({ minimum: -1000, maximum: 10_000 });

/** So many pictures a move may have. */
export const MOST_PICTURES = 12;

/** One move as it was carried out. */
export const RunMoveSchema = Type.Object(
  {
    move: Id,
    startedAt: Type.Optional(Moment),
    endedAt: Type.Optional(Moment),
    /** Where it is done piece by piece: when the second of them began, the third, and so on. */
    pieces: Type.Optional(Type.Array(Moment, { maxItems: 999 })),
    skipped: Type.Optional(Type.Boolean()),
    /** Its timer has been seen to; it rings no more. */
    silenced: Type.Optional(Type.Boolean()),
    note: Type.Optional(Type.String({ maxLength: 2000 })),
    /** How it looked, in the order taken. */
    pictures: Type.Optional(
      Type.Array(Type.Object({ picture: PictureId, at: Moment }, { additionalProperties: false }), {
        maxItems: MOST_PICTURES,
      }),
    ),
    /** Batches mixed for it at the table, in the order they were whole: from then on each stays open. */
    mixed: Type.Optional(
      Type.Array(
        Type.Object(
          {
            at: Moment,
            of: Type.Array(
              Type.Object(
                { material: Id, g: Type.Number({ minimum: 0, maximum: 1e5 }) },
                { additionalProperties: false },
              ),
              { minItems: 1, maxItems: 12 },
            ),
          },
          { additionalProperties: false },
        ),
        { maxItems: 60 },
      ),
    ),
    /** What went on beside the plan, in the order it did. */
    added: Type.Optional(
      Type.Array(
        Type.Object(
          {
            mix: Id,
            g: Type.Number({ minimum: 0.1, maximum: 20_000 }),
            /** It was mixed for this: out of the pots that were made there was nothing left. */
            anew: Type.Optional(Type.Boolean()),
            /** Where on the piece, mm. */
            atMm: Type.Optional(Type.Tuple([Coordinate, Coordinate])),
            at: Moment,
          },
          { additionalProperties: false },
        ),
        { maxItems: 60 },
      ),
    ),
  },
  { additionalProperties: false },
);

/** A pour being carried out, or carried out: the plan as it was then, and what happened when. */
export const RunSchema = Type.Object(
  {
    id: Type.String({ pattern: '^[a-z0-9-]{8,40}$', title: 'an id of this studio' }),
    planId: Type.String({ maxLength: 64 }),
    plan: Type.Unsafe<Plan>(PlanSchema),
    /** Which of the plan's stages, where that is not the first. */
    stage: Type.Optional(Type.Integer({ minimum: 1, maximum: 60 })),
    startedAt: Moment,
    endedAt: Type.Optional(Moment),
    /** The move on screen, counted from 0 among the moves of the pour. */
    at: Type.Integer({ minimum: 0, maximum: 400 }),
    moves: Type.Array(RunMoveSchema, { maxItems: 400 }),
    note: Type.Optional(Type.String({ maxLength: 4000 })),
    /** How thick the preview has its film, mm: that decides how it dries. */
    film: Type.Optional(
      Type.Object(
        {
          meanMm: Type.Number({ minimum: 0, maximum: 100 }),
          thickestMm: Type.Number({ minimum: 0, maximum: 100 }),
        },
        { additionalProperties: false },
      ),
    ),
    /** How dry it was found to be, in the order it was looked at. */
    checks: Type.Optional(
      Type.Array(
        Type.Object(
          { at: Moment, found: Type.Union([Type.Literal('tacky'), Type.Literal('dry')]) },
          { additionalProperties: false },
        ),
        { maxItems: 60 },
      ),
    ),
    /** What was done to the piece since, beside its stages: its oil wiped off, hung, handed over. */
    done: Type.Optional(
      Type.Array(
        Type.Object(
          {
            act: Type.Union([Type.Literal('clean'), Type.Literal('hung'), Type.Literal('posted')]),
            at: Moment,
          },
          { additionalProperties: false },
        ),
        { maxItems: 12 },
      ),
    ),
    /** When what it takes care for had been read. */
    careSeenAt: Type.Optional(Moment),
    /** What it took off the shelf, mL or pieces; put back again where it was undone. */
    drawn: Type.Optional(
      Type.Object(
        {
          /** What went into one piece, by the shelf's prices of then. */
          costEach: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
          lines: Type.Array(
            Type.Object(
              {
                kind: Type.Union([
                  Type.Literal('paint'),
                  Type.Literal('material'),
                  Type.Literal('medium'),
                  Type.Literal('surface'),
                  Type.Literal('finish'),
                ]),
                id: Id,
                taken: Type.Number({ minimum: 0, maximum: 1e6 }),
              },
              { additionalProperties: false },
            ),
            { maxItems: 200 },
          ),
          undone: Type.Optional(Type.Boolean()),
        },
        { additionalProperties: false },
      ),
    ),
  },
  { additionalProperties: false },
);

export type Run = Static<typeof RunSchema>;
export type RunMove = Static<typeof RunMoveSchema>;
