import { type Static, Type } from '@sinclair/typebox';
import { Amount } from '../schema/amount';
import { SheetsSchema } from '../coat/schema';
import { Day, Hex, Id, tagged } from '../schema/parts';
import { MaterialSchema, MediumSchema } from '../material/schema';
import { ConsistencySchema } from '../mix/schema';
import { PaintSchema } from '../paint/schema';
import { ShapeSchema, SurfaceSchema } from '../surface/schema';
import { OutletSchema, VesselSchema } from '../vessel/schema';

const Price = Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 }));
/** Maker, line and grade in the artist's own words. */
const Maker = Type.Optional(Type.String({ maxLength: 80 }));

/** What is left of something poured, in mL whatever it is counted in, since mixes are reckoned by volume. */
const Poured = {
  maker: Maker,
  stockMl: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
  /** What a full tube or bottle holds, and costs. */
  sizeMl: Type.Optional(Amount(1e6)),
  price: Price,
  /** Below this it is running out. */
  lowMl: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
  openedOn: Type.Optional(Day),
  /** How the artist counts it: a tube by weight, a bottle by volume. */
  countedIn: Type.Optional(Type.Union([Type.Literal('g'), Type.Literal('ml')])),
};

/** What is left of something counted by the piece; the price is for one. */
const Counted = {
  maker: Maker,
  count: Type.Optional(Type.Integer({ minimum: 0, maximum: 10000 })),
  lowCount: Type.Optional(Type.Integer({ minimum: 0, maximum: 10000 })),
  price: Price,
};

const Name = Type.String({ minLength: 1, maxLength: 80 });

/** What a trial of a paint showed, the oldest first in a paint's history. */
export const PaintTrialSchema = tagged('kind', [
  Type.Object(
    {
      kind: Type.Literal('opacity-card'),
      on: Day,
      /** Dried coats it was judged after. */
      coats: Type.Integer({ minimum: 1, maximum: 4 }),
      opacity: PaintSchema.properties.opacity,
      /** How far off its contrast ratio may be, where a camera read it. */
      within: Type.Optional(Type.Number({ minimum: 0, maximum: 1 })),
    },
    { additionalProperties: false },
  ),
  Type.Object(
    {
      kind: Type.Literal('tint-swatch'),
      on: Day,
      /** What one part in ten of white dried to. */
      hex: PaintSchema.properties.hex,
    },
    { additionalProperties: false },
  ),
  Type.Object(
    {
      kind: Type.Literal('weighing'),
      on: Day,
      ml: Amount(1000),
      g: Amount(3000),
    },
    { additionalProperties: false },
  ),
  Type.Object(
    {
      kind: Type.Literal('note'),
      on: Day,
      /** What was seen of it: "chalky", "turns pink with white". */
      says: Type.String({ minLength: 1, maxLength: 200 }),
    },
    { additionalProperties: false },
  ),
]);

export const ShelfPaintSchema = Type.Object(
  {
    kind: Type.Literal('paint'),
    paint: PaintSchema,
    trials: Type.Optional(Type.Array(PaintTrialSchema, { maxItems: 100 })),
    ...Poured,
  },
  { additionalProperties: false },
);
export const ShelfMaterialSchema = Type.Object(
  { kind: Type.Literal('material'), material: MaterialSchema, ...Poured },
  { additionalProperties: false },
);
/** A medium of one's own; what stands ready of it was made on `openedOn`. */
export const ShelfMediumSchema = Type.Object(
  { kind: Type.Literal('medium'), medium: MediumSchema, ...Poured },
  { additionalProperties: false },
);
export const ShelfVesselSchema = Type.Object(
  {
    kind: Type.Literal('vessel'),
    id: Id,
    vessel: VesselSchema,
    /** Where it lets its paint out; over its rim where it says nothing. */
    outlet: Type.Optional(OutletSchema),
    ...Counted,
  },
  { additionalProperties: false },
);
/** Blanks to pour on. */
export const ShelfSurfaceSchema = Type.Object(
  {
    kind: Type.Literal('surface'),
    id: Id,
    name: Name,
    shape: ShapeSchema,
    edgeDepthMm: Type.Number({ minimum: 0, maximum: 200 }),
    support: SurfaceSchema.properties.support,
    ...Counted,
  },
  { additionalProperties: false },
);
/** Varnish or resin. */
export const ShelfFinishSchema = Type.Object(
  {
    kind: Type.Literal('finish'),
    id: Id,
    name: Name,
    product: Type.Union([Type.Literal('varnish'), Type.Literal('resin')]),
    /** What its sheet says, where that is known. */
    sheets: Type.Optional(SheetsSchema),
    ...Poured,
  },
  { additionalProperties: false },
);
/** Paint left over or caught, kept to be poured again. */
export const ShelfJarSchema = Type.Object(
  {
    kind: Type.Literal('jar'),
    id: Id,
    name: Name,
    hex: Hex,
    g: Type.Number({ minimum: 0, maximum: 1e6 }),
    madeOn: Day,
    /** Silicone in it stays in it. */
    silicone: Type.Boolean(),
    /** Where it comes from: what was left in the cups, what ran off, or a mix made and put by. */
    from: Type.Union([Type.Literal('left-over'), Type.Literal('run-off'), Type.Literal('mixed')]),
    /** How thick it was when it went in. */
    consistency: Type.Optional(ConsistencySchema),
    note: Type.Optional(Type.String({ maxLength: 400 })),
  },
  { additionalProperties: false },
);

/** Whatever stands on the shelf. Plans keep the copy they were made with. */
export const ShelfItemSchema = tagged('kind', [
  ShelfPaintSchema,
  ShelfMaterialSchema,
  ShelfMediumSchema,
  ShelfVesselSchema,
  ShelfSurfaceSchema,
  ShelfFinishSchema,
  ShelfJarSchema,
]);

export type ShelfItem = Static<typeof ShelfItemSchema>;
export type ShelfKind = ShelfItem['kind'];
export type PaintTrial = Static<typeof PaintTrialSchema>;
export type ShelfPaint = Static<typeof ShelfPaintSchema>;
export type ShelfMaterial = Static<typeof ShelfMaterialSchema>;
export type ShelfMedium = Static<typeof ShelfMediumSchema>;
export type ShelfVessel = Static<typeof ShelfVesselSchema>;
export type ShelfSurface = Static<typeof ShelfSurfaceSchema>;
export type ShelfFinish = Static<typeof ShelfFinishSchema>;
export type ShelfJar = Static<typeof ShelfJarSchema>;
