import { type Static, Type } from '@sinclair/typebox';
import { Hex, Id, oneOf, PictureId } from '../schema/parts';
import { FAULT_IDS } from '../fault';
import { LessonSchema } from '../remark/lesson-schema';
import { type Aspect, ASPECT_IDS, GRADES } from './aspect';
import { FATES } from './fate';
import { STATUS_IDS } from './status';

/** A moment, milliseconds since 1970 UTC. */
const Moment = Type.Integer({ minimum: 0, maximum: 8.64e15 });
/** A place on a picture, as shares of its sides. */
const Share = Type.Number({ minimum: 0, maximum: 1 });
const Place = Type.Tuple([Share, Share]);

const PIECE_ID = '^[a-z0-9-]{8,48}$';

/** A corner may lie a little beside the picture. */
const Beside = Type.Number({ minimum: -0.5, maximum: 1.5 });
const Corner = Type.Tuple([Beside, Beside]);

/** So many photographs a piece may have. */
export const MOST_PHOTOGRAPHS = 40;

/** A photograph of the piece, owned by it: it goes with it. */
const Photograph = Type.Object(
  {
    picture: PictureId,
    at: Moment,
    state: oneOf(['wet', 'dry', 'coated'] as const),
    /** The piece's corners, clockwise from the upper left; of what has no corners, those of the square round it. */
    corners: Type.Optional(Type.Tuple([Corner, Corner, Corner, Corner])),
    /** Something in it that has no colour of its own, by which its light is told. */
    neutral: Type.Optional(
      Type.Object(
        { is: oneOf(['white', 'grey'] as const), at: Place },
        { additionalProperties: false },
      ),
    ),
    /** Places of the piece, as shares of its own sides, of which somebody said what colour they are: a mix, or the bare ground. */
    told: Type.Optional(
      Type.Array(
        Type.Object(
          { at: Place, id: Type.String({ minLength: 1, maxLength: 64 }) },
          { additionalProperties: false },
        ),
        { maxItems: 40 },
      ),
    ),
    /** Cells of the piece that were read wrongly, at places as shares of its own sides: one so wide is there, mm, or, where no width is said, none. */
    cells: Type.Optional(
      Type.Array(
        Type.Object(
          {
            at: Place,
            widthMm: Type.Optional(Type.Number({ minimum: 0.5, maximum: 200 })),
          },
          { additionalProperties: false },
        ),
        { maxItems: 40 },
      ),
    ),
    /** Things pointed at: "here it cracked". */
    marks: Type.Optional(
      Type.Array(
        Type.Object(
          { at: Place, says: Type.String({ minLength: 1, maxLength: 200 }) },
          { additionalProperties: false },
        ),
        { maxItems: 40 },
      ),
    ),
  },
  { additionalProperties: false },
);

/** What came of one colour, over all or in one part of the piece: a petal, a sector. */
const ColourFate = Type.Object(
  {
    mix: Type.Optional(Id),
    name: Type.String({ minLength: 1, maxLength: 80 }),
    hex: Type.Optional(Hex),
    /** Which part, from 1; the whole where nothing is said. */
    part: Type.Optional(Type.Integer({ minimum: 1, maximum: 24 })),
    fate: oneOf(FATES),
  },
  { additionalProperties: false },
);

const grade = Type.Optional(oneOf(GRADES));
const Verdict = Type.Object(
  Object.fromEntries(ASPECT_IDS.map((aspect) => [aspect, grade])) as Record<Aspect, typeof grade>,
  { additionalProperties: false },
);

/** A piece: what came of a pour, or one of a set, or one of before there were plans. */
export const PieceSchema = Type.Object(
  {
    id: Type.String({ pattern: PIECE_ID, title: 'an id of this studio' }),
    title: Type.String({ minLength: 1, maxLength: 120 }),
    /** When it was poured. */
    madeAt: Moment,
    /** The pour it came of, and which of its set, from 1. */
    run: Type.Optional(Type.String({ maxLength: 40 })),
    plan: Type.Optional(Type.String({ maxLength: 64 })),
    nth: Type.Optional(Type.Integer({ minimum: 1, maximum: 999 })),
    of: Type.Optional(Type.Integer({ minimum: 2, maximum: 999 })),
    technique: Type.Optional(Type.String({ maxLength: 80 })),
    size: Type.Optional(Type.String({ maxLength: 80 })),
    photographs: Type.Optional(Type.Array(Photograph, { maxItems: MOST_PHOTOGRAPHS })),
    /** How it came out, aspect by aspect. */
    verdict: Type.Optional(Verdict),
    colours: Type.Optional(Type.Array(ColourFate, { maxItems: 200 })),
    faults: Type.Optional(Type.Array(oneOf(FAULT_IDS), { maxItems: 20, uniqueItems: true })),
    lessons: Type.Optional(Type.Array(LessonSchema, { maxItems: 20 })),
    note: Type.Optional(Type.String({ maxLength: 4000 })),
    status: Type.Optional(oneOf(STATUS_IDS)),
    /** Who has it. */
    with: Type.Optional(Type.String({ maxLength: 80 })),
    /** What it is offered or was sold for, and what went into it. */
    price: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
    cost: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
    tags: Type.Optional(
      Type.Array(Type.String({ minLength: 1, maxLength: 40 }), { maxItems: 20, uniqueItems: true }),
    ),
  },
  { additionalProperties: false },
);

export type Piece = Static<typeof PieceSchema>;
export type Photograph = Static<typeof Photograph>;
export type ColourFate = Static<typeof ColourFate>;
