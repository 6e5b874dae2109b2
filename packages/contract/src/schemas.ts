import { type Static, Type } from '@sinclair/typebox';
import { PaintSchema, PlanSchema, StudioSchema } from '@potter/core/document';
import type { Plan } from '@potter/core/plan';

const ServerId = Type.String({ pattern: '^[a-z0-9-]{8,40}$', title: 'an id of this studio' });
const Revision = Type.Integer({ minimum: 1 });

/** A plan as it is kept: its document and the revision a save must name. */
export const PlanRecord = Type.Object({
  id: ServerId,
  revision: Revision,
  updatedAt: Type.String(),
  plan: Type.Unsafe<Plan>(PlanSchema),
});

/** A plan in a list: enough to draw its core samples without its document. */
export const PlanSummary = Type.Object({
  id: ServerId,
  revision: Revision,
  updatedAt: Type.String(),
  title: Type.String(),
  size: Type.String(),
  technique: Type.String(),
  totalG: Type.Number(),
  colours: Type.Integer(),
  pour: Type.Optional(Type.String()),
  due: Type.Optional(Type.String()),
  spoils: Type.Integer(),
  /** One core per cup: each stratum's colour and its height in mm, bottom first. */
  cores: Type.Array(Type.Array(Type.Object({ hex: Type.String(), mm: Type.Number() }))),
});

export const PlanList = Type.Object({ plans: Type.Array(PlanSummary) });
export const PlanCreate = Type.Object(
  { plan: Type.Unsafe<Plan>(PlanSchema) },
  { additionalProperties: false },
);
export const PlanSave = Type.Object(
  { revision: Revision, plan: Type.Unsafe<Plan>(PlanSchema) },
  { additionalProperties: false },
);
export const PlanSaved = Type.Object({
  id: ServerId,
  revision: Revision,
  updatedAt: Type.String(),
});

/** A paint on the shelf: the paint itself, and what the studio knows of its tube. Maker, line and grade are the artist's own words. */
export const ShelfPaint = Type.Object(
  {
    paint: PaintSchema,
    maker: Type.Optional(Type.String({ maxLength: 80 })),
    stockMl: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
    sizeMl: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 1e6 })),
    price: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
  },
  { additionalProperties: false },
);
export const ShelfPaintList = Type.Object({ paints: Type.Array(ShelfPaint) });

/** The one shape of every refusal. */
export const Refusal = Type.Object({
  error: Type.Object({
    code: Type.String(),
    message: Type.String(),
    faults: Type.Array(Type.Object({ path: Type.String(), message: Type.String() })),
    /** Revision the studio holds, where a save came too late. */
    revision: Type.Optional(Revision),
  }),
});

export const Health = Type.Object({ ok: Type.Literal(true), version: Type.String() });
export const Done = Type.Object({ done: Type.Literal(true) });

/** Every schema a validator is compiled for, by the name it is asked by. */
export const SCHEMAS = {
  Plan: PlanSchema,
  Studio: StudioSchema,
  PlanRecord,
  PlanList,
  PlanCreate,
  PlanSave,
  PlanSaved,
  ShelfPaint,
  ShelfPaintList,
  Refusal,
  Health,
  Done,
} as const;

export type SchemaName = keyof typeof SCHEMAS;
export type PlanRecord = Static<typeof PlanRecord>;
export type PlanSummary = Static<typeof PlanSummary>;
export type PlanList = Static<typeof PlanList>;
export type PlanSave = Static<typeof PlanSave>;
export type PlanSaved = Static<typeof PlanSaved>;
export type ShelfPaint = Static<typeof ShelfPaint>;
export type ShelfPaintList = Static<typeof ShelfPaintList>;
export type Refusal = Static<typeof Refusal>;
