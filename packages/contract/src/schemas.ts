import { type Static, type TOptional, type TString, Type } from '@sinclair/typebox';
import {
  Id,
  MaterialSchema,
  MediumSchema,
  PaintSchema,
  PlanSchema,
  StudioSchema,
  tagged,
  VesselSchema,
} from '@potter/core/document';
import { RunSchema } from '@potter/core/journal/document';
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

const Stock = {
  maker: Type.Optional(Type.String({ maxLength: 80 })),
  stockMl: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
  sizeMl: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 1e6 })),
  price: Type.Optional(Type.Number({ minimum: 0, maximum: 1e6 })),
};

/** A paint on the shelf: the paint itself, and what the studio knows of its tube. Maker, line and grade are the artist's own words. */
export const ShelfPaint = Type.Object(
  { kind: Type.Literal('paint'), paint: PaintSchema, ...Stock },
  { additionalProperties: false },
);
export const ShelfMaterial = Type.Object(
  { kind: Type.Literal('material'), material: MaterialSchema, ...Stock },
  { additionalProperties: false },
);
export const ShelfMedium = Type.Object(
  { kind: Type.Literal('medium'), medium: MediumSchema },
  { additionalProperties: false },
);
export const ShelfVessel = Type.Object(
  {
    kind: Type.Literal('vessel'),
    id: Id,
    vessel: VesselSchema,
    count: Type.Optional(Type.Integer({ minimum: 0, maximum: 10000 })),
  },
  { additionalProperties: false },
);

/** Whatever stands on the shelf. Plans keep the copy they were made with. */
export const ShelfItem = tagged('kind', [ShelfPaint, ShelfMaterial, ShelfMedium, ShelfVessel]);
export const Shelf = Type.Object({ items: Type.Array(ShelfItem) });

const oneOf = <T extends string>(...values: T[]) => Type.Union(values.map((v) => Type.Literal(v)));

const STEPS = ['thin', 'flowing', 'medium', 'thick'] as const;

/** How the studio likes to see and hear things. */
export const Settings = Type.Object(
  {
    mass: oneOf('g', 'oz'),
    volume: oneOf('ml', 'us-floz', 'imp-floz'),
    length: oneOf('cm', 'mm', 'in'),
    temperature: oneOf('c', 'f'),
    theme: oneOf('system', 'light', 'dark'),
    mat: oneOf('white', 'grey', 'black'),
    shortcuts: Type.Boolean(),
    chimes: Type.Boolean(),
    /** The artist's own words for the steps; those without keep ours. */
    consistencyNames: Type.Object(
      Object.fromEntries(
        STEPS.map((step) => [step, Type.Optional(Type.String({ maxLength: 24 }))]),
      ) as Record<(typeof STEPS)[number], TOptional<TString>>,
      { additionalProperties: false },
    ),
  },
  { additionalProperties: false },
);

export const RunList = Type.Object({ runs: Type.Array(RunSchema) });

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
  ShelfItem,
  Shelf,
  Settings,
  Run: RunSchema,
  RunList,
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
export type ShelfMaterial = Static<typeof ShelfMaterial>;
export type ShelfMedium = Static<typeof ShelfMedium>;
export type ShelfVessel = Static<typeof ShelfVessel>;
export type ShelfItem = Static<typeof ShelfItem>;
export type Shelf = Static<typeof Shelf>;
export type Settings = Static<typeof Settings>;
export type RunList = Static<typeof RunList>;
export type Refusal = Static<typeof Refusal>;
