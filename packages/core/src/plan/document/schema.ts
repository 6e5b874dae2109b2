import { type Static, Type } from '@sinclair/typebox';
import { BudgetSchema } from '../../budget/schema';
import { SheetsSchema } from '../../coat/schema';
import { CupSchema } from '../../cup/schema';
import type { FieldValue } from '../../field';
import { Amount } from '../../schema/amount';
import { Id, PictureId } from '../../schema/parts';
import { MaterialSchema, MediumSchema } from '../../material/schema';
import { LandingSchema } from '../../mix/landing';
import { MixSchema } from '../../mix/schema';
import { CupOrderSchema } from '../../order/schema';
import { PaintSchema } from '../../paint/schema';
import { WAITING_IDS } from '../../schedule/waiting';
import { SurfaceSchema } from '../../surface/schema';
import { TechniqueChoiceSchema } from '../../technique/schema';
import type { TechniqueId } from '../../technique';
import { LessonId } from '../../remark/lesson-schema';
import { ChosenSequenceSchema } from '../../technique/sequence-schema';
import type { Move } from '../../verb';
import { MoveSchema } from '../../verb/schema';

/** Local date, or date and time, without a zone: a pour happens where the artist is. */
const LocalDate = Type.String({
  pattern:
    '^(19[0-9]{2}|2[01][0-9]{2}|2200)-(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01])(T([01][0-9]|2[0-3]):[0-5][0-9])?$',
  title: 'a date such as 2026-11-28 or 2026-11-28T10:00',
});

/** A picture's id, as the studio hands it out. */

/** What had gone into a mix when its picture was taken, or that it had dried. */
const Stage = Type.Union([
  Type.Literal('paint'),
  Type.Literal('medium'),
  Type.Literal('water'),
  Type.Literal('additive'),
  Type.Literal('dry'),
]);

export const PlanSchema = Type.Object(
  {
    format: Type.Literal('potter.pour'),
    version: Type.Literal(1),
    title: Type.String({ minLength: 1, maxLength: 120 }),
    surface: SurfaceSchema,
    paints: Type.Array(PaintSchema, { minItems: 1, maxItems: 48 }),
    materials: Type.Optional(Type.Array(MaterialSchema, { maxItems: 48 })),
    mediums: Type.Optional(Type.Array(MediumSchema, { maxItems: 48 })),
    mixes: Type.Array(MixSchema, { minItems: 1, maxItems: 48 }),
    budget: BudgetSchema,
    cups: Type.Array(CupSchema, { minItems: 1, maxItems: 48 }),
    /** What the artist asks of the order in the cups. */
    order: Type.Optional(CupOrderSchema),
    technique: TechniqueChoiceSchema,
    /** A technique of the artist's own that writes the moves; it began as the one named, and has its needs. */
    sequence: Type.Optional(ChosenSequenceSchema),
    /** The plan this is a small test of, by its id in the studio. */
    miniOf: Type.Optional(Type.String({ minLength: 1, maxLength: 64 })),
    /** The pour whose left-over its mixes are, by its id in the journal, and what was there of each. */
    leftOf: Type.Optional(
      Type.Object(
        {
          run: Type.String({ minLength: 1, maxLength: 64 }),
          of: Type.Array(
            Type.Object({ mix: Id, g: Amount(1e5) }, { additionalProperties: false }),
            { minItems: 1, maxItems: 48 },
          ),
        },
        { additionalProperties: false },
      ),
    ),
    moves: Type.Array(MoveSchema, { maxItems: 400 }),
    dates: Type.Optional(
      Type.Object(
        { pour: Type.Optional(LocalDate), due: Type.Optional(LocalDate) },
        { additionalProperties: false },
      ),
    ),
    room: Type.Optional(
      Type.Object(
        {
          tempC: Type.Number({ minimum: -10, maximum: 50 }),
          rh: Type.Number({ minimum: 0, maximum: 100 }),
        },
        { additionalProperties: false },
      ),
    ),
    /** What the sheets of its top coats say, where that is other than usual. */
    sheets: Type.Optional(SheetsSchema),
    /** How long the artist lets it dry before a coat; without it both schools are told. */
    waiting: Type.Optional(Type.Union(WAITING_IDS.map((id) => Type.Literal(id)))),
    /** Who it is made for, and what was agreed. */
    commission: Type.Optional(
      Type.Object(
        {
          for: Type.String({ minLength: 1, maxLength: 120 }),
          /** Colours and tone they asked for, in their words. */
          wishes: Type.Optional(Type.String({ maxLength: 1000 })),
          /** What becomes of it if they do not take it. */
          fallback: Type.Optional(Type.String({ maxLength: 400 })),
        },
        { additionalProperties: false },
      ),
    ),
    /** What one piece is sold for. */
    price: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
    /** What was really weighed, for the mixes that have been made. */
    made: Type.Optional(
      Type.Array(
        Type.Object(
          {
            mix: Id,
            on: LocalDate,
            of: Type.Array(
              Type.Object(
                { material: Id, g: Type.Number({ minimum: 0, maximum: 1e5 }) },
                { additionalProperties: false },
              ),
              { minItems: 1, maxItems: 48 },
            ),
          },
          { additionalProperties: false },
        ),
        { maxItems: 48 },
      ),
    ),
    /** How the artist keeps metallics: a step thicker than the other colours, or like them; without it both are said. */
    metallics: Type.Optional(Type.Union([Type.Literal('thicker'), Type.Literal('alike')])),
    /** Notes of earlier pieces that have been heeded here: they come back no more. */
    heeded: Type.Optional(Type.Array(LessonId, { maxItems: 200, uniqueItems: true })),
    /** Pictures of mixes by what had gone in, each kept in the studio by its id. */
    pictures: Type.Optional(
      Type.Array(
        Type.Object(
          { picture: PictureId, mix: Id, stage: Stage, on: LocalDate },
          { additionalProperties: false },
        ),
        { maxItems: 400 },
      ),
    ),
    /**
     * How thick mixes were found to be, in the order it was noted: seconds a mound stayed, or a flow cup ran; and what was added to so much of it
     * in between.
     */
    readings: Type.Optional(
      Type.Array(
        Type.Object(
          {
            mix: Id,
            on: LocalDate,
            added: Type.Optional(
              Type.Object(
                {
                  material: Id,
                  g: Amount(1e5),
                  inCupG: Amount(1e5),
                },
                { additionalProperties: false },
              ),
            ),
            moundS: Type.Optional(
              Type.Array(Type.Number({ minimum: 0, maximum: 60 }), { minItems: 1, maxItems: 9 }),
            ),
            /** It was found to be as thick as it should be. */
            right: Type.Optional(Type.Literal(true)),
            flow: Type.Optional(
              Type.Object(
                {
                  cup: Type.String({ maxLength: 24 }),
                  s: Amount(1000),
                },
                { additionalProperties: false },
              ),
            ),
          },
          { additionalProperties: false },
        ),
        { maxItems: 200 },
      ),
    ),
    /** When all mixes were last shaken or stirred through, and left to stand. */
    shaken: Type.Optional(LocalDate),
    /** How mixes have been found to come out, kind by kind, against what is reckoned. */
    landings: Type.Optional(Type.Array(LandingSchema, { maxItems: 48 })),
    seed: Type.Integer({ minimum: 0, maximum: 4294967295 }),
    note: Type.Optional(Type.String({ maxLength: 4000 })),
  },
  { additionalProperties: false },
);

/** A plan: one pour, from surface to finish, as one document. The format's rules stand in docs/format. */
export type Plan = Omit<Static<typeof PlanSchema>, 'moves' | 'technique'> & {
  moves: Move[];
  technique: { id: TechniqueId; settings: Record<string, FieldValue> };
};
