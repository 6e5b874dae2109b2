import {
  type Static,
  type TArray,
  type TLiteral,
  type TOptional,
  type TSchema,
  type TString,
  type TUnion,
  Type,
} from '@sinclair/typebox';
import { LandingSchema, LessonLearntSchema, PlanSchema, StudioSchema } from '@potter/core/document';
import { OwnRecipeSchema } from '@potter/core/mix/document';
import { ReactionSchema } from '@potter/core/paint/document';
import { RunSchema } from '@potter/core/journal/document';
import { PieceSchema } from '@potter/core/piece/document';
import { MarketSchema } from '@potter/core/rack/document';
import { HouseSchema } from '@potter/core/schedule/document';
import { ShelfItemSchema } from '@potter/core/stock/document';
import { type Look, LOOKS } from '@potter/core/flow';
import type { DryingAct } from '@potter/core/journal';
import { MOST_PX, type Plan } from '@potter/core/plan';
import { STATUS_IDS } from '@potter/core/piece';
import { SHELF_KINDS, type ShelfItem as ShelfItemType, type ShelfKind } from '@potter/core/stock';
import { type Support, SUPPORTS } from '@potter/core/surface';
import { WAITING_IDS, type WaitingId } from '@potter/core/schedule';
import { OwnTechniqueSchema } from '@potter/core/technique/document';
import { TASK_IDS, type TaskId } from '@potter/core/verb';
import { type Former as FormerType, MOST_SEEN } from './change.js';
import { MOST_UNANSWERED } from './most-unanswered.js';
import { type RefusalCode, REFUSALS } from './refusals.js';

const oneOf = <T extends string>(...values: T[]) => Type.Union(values.map((v) => Type.Literal(v)));

const ServerId = Type.String({ pattern: '^[a-z0-9-]{8,40}$', title: 'an id of this studio' });
const Revision = Type.Integer({ minimum: 1 });

/** A plan as it is kept: its document and the revision a save must name. */
export const PlanRecord = Type.Object({
  id: ServerId,
  revision: Revision,
  updatedAt: Type.String(),
  plan: Type.Unsafe<Plan>(PlanSchema),
});

/** A cup's strata, bottom first: each by its colour and its height in mm. */
const Core = Type.Array(Type.Object({ hex: Type.String(), mm: Type.Number() }));

const Act = Type.Object({
  act: Type.Unsafe<DryingAct['act']>(Type.String()),
  stage: Type.Optional(Type.Integer()),
  title: Type.Optional(Type.String()),
  fromMin: Type.Number(),
  toMin: Type.Number(),
  why: Type.String(),
});

/** How large one piece lies, mm, and how many there are. */
const lies = { widthMm: Type.Number(), heightMm: Type.Number(), pieces: Type.Integer() };

/** Top coats that are wanted yet. */
const coats = Type.Optional(
  Type.Array(Type.Object({ product: oneOf('varnish', 'resin'), ml: Type.Number() })),
);

/** What dates a plan without its document; see `PlanOnRack`. */
const OnRack = Type.Object({
  acts: Type.Array(Act),
  quick: Type.Optional(Type.Array(Act)),
  runMin: Type.Number(),
  ...lies,
  coats,
  for: Type.Optional(Type.String()),
  price: Type.Optional(Type.Number()),
});

/** What a list shows of a plan: enough to draw its core samples without its document. */
const shown = {
  title: Type.String(),
  size: Type.String(),
  technique: Type.String(),
  totalG: Type.Number(),
  colours: Type.Integer(),
  pour: Type.Optional(Type.String()),
  due: Type.Optional(Type.String()),
  spoils: Type.Integer(),
  /** One per cup. */
  cores: Type.Array(Core),
};
export const PlanShown = Type.Object(shown);

/** A plan in a list. */
export const PlanSummary = Type.Object({
  id: ServerId,
  revision: Revision,
  updatedAt: Type.String(),
  ...shown,
});

/** A row of the studio's file that is not as it should be: left as it is, named, and in nobody's way. */
export const Apart = Type.Object({ id: Type.String(), name: Type.String(), why: Type.String() });
const apart = Type.Optional(Type.Array(Apart));

/** Which page of a list: `after` is the `next` of the page before. */
const page = {
  after: Type.Optional(Type.String({ maxLength: 120 })),
  most: Type.Optional(
    Type.String({
      pattern: '^([1-9]|[1-9][0-9]|[1-4][0-9][0-9]|500)$',
      title: 'a number of 1 to 500',
    }),
  ),
};
const paged = {
  /** How many there are on all pages. */
  count: Type.Integer({ minimum: 0 }),
  /** Where the next page goes on; absent on the last. */
  next: Type.Optional(Type.String()),
  apart,
};

/** Plans: all, the last changed first; those with a day and not poured yet, the soonest first; those without a day and not poured yet. */
export const PlansAsk = Type.Object(
  {
    ...page,
    of: Type.Optional(oneOf('all', 'to-pour', 'without-a-day')),
    /** A part of the title. */
    search: Type.Optional(Type.String({ maxLength: 120 })),
  },
  { additionalProperties: false },
);
export const PlanList = Type.Object({ plans: Type.Array(PlanSummary), ...paged });
/** A plan to be kept; under an id of the sender's choosing, asking twice makes one plan. */
export const PlanCreate = Type.Object(
  { id: Type.Optional(ServerId), plan: Type.Unsafe<Plan>(PlanSchema) },
  { additionalProperties: false },
);
/** What a sender saw wherever it changed something; see `change.ts`. */
const Former = Type.Record(
  Type.String({ maxLength: 400 }),
  Type.Array(Type.Unknown(), { minItems: 1, maxItems: MOST_SEEN }),
);
/**
 * A plan as it is now. `save` is this save's own id: sent again, it is answered as the first time. `unanswered` are the sender's saves whose
 * answers never came: where the last save was one of them, nobody else has changed the plan since `revision`. `was` is what stood at
 * `revision` wherever the sender changed it: where another has changed other places since, both changes stand.
 */
export const PlanSave = Type.Object(
  {
    revision: Revision,
    plan: Type.Unsafe<Plan>(PlanSchema),
    save: Type.Optional(ServerId),
    unanswered: Type.Optional(Type.Array(ServerId, { maxItems: MOST_UNANSWERED })),
    was: Type.Optional(Former),
  },
  { additionalProperties: false },
);
export const PlanSaved = Type.Object({
  id: ServerId,
  revision: Revision,
  updatedAt: Type.String(),
  /** As it stands now, where that is not what was sent: with what another device had changed. */
  plan: Type.Optional(Type.Unsafe<Plan>(PlanSchema)),
});

const changeOf = <T extends TSchema>(now: T) =>
  Type.Object({ now, was: Type.Optional(Former) }, { additionalProperties: false });

export const ShelfItem = ShelfItemSchema;
export const ShelfChange = changeOf(ShelfItemSchema);
export const RunChange = changeOf(RunSchema);
export const PieceChange = changeOf(PieceSchema);
export const Shelf = Type.Object({ items: Type.Array(ShelfItem), apart });

/** Tasks by what a surface is made of. */
const Preparation = Type.Object(
  Object.fromEntries(
    SUPPORTS.map((support) => [
      support,
      Type.Optional(Type.Array(oneOf(...TASK_IDS), { maxItems: 24 })),
    ]),
  ) as Record<Support, TOptional<TArray<TUnion<TLiteral<TaskId>[]>>>>,
  { additionalProperties: false },
);

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
    /** Film that stays on the artist's own pieces, mm; without it a usual one. */
    stayMm: Type.Optional(Type.Number({ minimum: 0.1, maximum: 5 })),
    /** How the artist's mixes have been found to come out, kind by kind: a new plan begins with it. */
    landings: Type.Optional(Type.Array(LandingSchema, { maxItems: 48 })),
    /** What the artist's powder scoop holds; without it a usual one. */
    scoopMl: Type.Optional(Type.Number({ minimum: 0.05, maximum: 50 })),
    /** Techniques of the artist's own, the last kept first. */
    techniques: Type.Optional(Type.Array(OwnTechniqueSchema, { maxItems: 40 })),
    /** Recipes for colours the artist has named, the last kept first. */
    recipes: Type.Optional(Type.Array(OwnRecipeSchema, { maxItems: 200 })),
    /** What the artist does before a pour, by what the surface is made of; those without keep the usual. */
    preparation: Type.Optional(Preparation),
    /** Where pieces lie, and when somebody is at the table. */
    house: Type.Optional(HouseSchema),
    /** Days things are sold on. */
    markets: Type.Optional(Type.Array(MarketSchema, { maxItems: 24 })),
    /** How long the artist lets a piece dry before a coat: a new plan begins with it. */
    waiting: Type.Optional(Type.Unsafe<WaitingId>(oneOf(...WAITING_IDS))),
    /** What the address of the calendar to subscribe to ends in; without it there is none. */
    calendarFeed: Type.Optional(Type.String({ pattern: '^[a-z0-9]{32,64}$' })),
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

export const SettingsChange = changeOf(Settings);

/** A pour in a list: what bench and journal show; with the run whole where it is under way, or was until lately. */
export const RunRow = Type.Object({
  id: ServerId,
  planId: Type.String(),
  title: Type.String(),
  startedAt: Type.Number(),
  endedAt: Type.Optional(Type.Number()),
  note: Type.Optional(Type.String()),
  miniOf: Type.Optional(Type.String()),
  stage: Type.Optional(Type.Integer()),
  totalG: Type.Number(),
  cores: Type.Array(Core),
  dries: Type.Array(Act),
  widthMm: Type.Optional(lies.widthMm),
  heightMm: Type.Optional(lies.heightMm),
  pieces: Type.Optional(lies.pieces),
  due: Type.Optional(Type.String()),
  for: Type.Optional(Type.String()),
  coats,
  price: Type.Optional(Type.Number()),
  looked: Type.Optional(Type.Boolean()),
  done: Type.Optional(Type.Array(oneOf('clean', 'hung', 'posted'))),
  run: Type.Optional(RunSchema),
});

/** Pours, the last first; those under way stand on the first page whenever they began. */
export const RunsAsk = Type.Object(page, { additionalProperties: false });
export const RunList = Type.Object({ runs: Type.Array(RunRow), ...paged });

/** A piece in the journal's list. */
export const PieceRow = Type.Object({
  id: Type.String(),
  title: Type.String(),
  madeAt: Type.Number(),
  status: oneOf(...STATUS_IDS),
  run: Type.Optional(Type.String()),
  nth: Type.Optional(Type.Integer()),
  of: Type.Optional(Type.Integer()),
  technique: Type.Optional(Type.String()),
  size: Type.Optional(Type.String()),
  picture: Type.Optional(Type.String()),
  grade: Type.Optional(Type.Number()),
  price: Type.Optional(Type.Number()),
  cost: Type.Optional(Type.Number()),
  tags: Type.Optional(Type.Array(Type.String())),
  with: Type.Optional(Type.String()),
  note: Type.Optional(Type.String()),
  /** Of the cups it was poured from, for one that has no picture. */
  cores: Type.Optional(Type.Array(Core)),
});

/** What pieces may be listed by: the last made first, the best first, the dearest first, by their names. */
export const PIECE_SORTS = ['last', 'best', 'dearest', 'name'] as const;
export const PiecesAsk = Type.Object(
  {
    ...page,
    /** Words that all stand somewhere in it. */
    search: Type.Optional(Type.String({ maxLength: 120 })),
    status: Type.Optional(oneOf(...STATUS_IDS)),
    sort: Type.Optional(oneOf(...PIECE_SORTS)),
    /** The pour whose pieces they are: a set. */
    run: Type.Optional(Type.String({ maxLength: 64 })),
  },
  { additionalProperties: false },
);
export const PieceList = Type.Object({ pieces: Type.Array(PieceRow), ...paged });
export const Season = Type.Object({
  months: Type.Array(
    Type.Object({
      month: Type.String(),
      pieces: Type.Integer(),
      sold: Type.Integer(),
      taken: Type.Number(),
      cost: Type.Number(),
    }),
  ),
  statuses: Type.Record(Type.String(), Type.Integer()),
  taken: Type.Number(),
  cost: Type.Number(),
  margin: Type.Number(),
});
export const LessonList = Type.Object({ lessons: Type.Array(LessonLearntSchema) });
/** Pieces as a file: what goes out comes in again as it was. */
export const PieceFile = Type.Object(
  {
    pieces: Type.Array(PieceSchema, { maxItems: 20_000 }),
    /** Who wrote it; of no matter. */
    by: Type.Optional(Type.String({ maxLength: 80 })),
  },
  { additionalProperties: false },
);

/** Everything that has a date, or wants one: plans not poured yet, and pieces poured within the last months. */
export const Rack = Type.Object({
  plans: Type.Array(
    Type.Object({
      id: ServerId,
      title: Type.String(),
      pour: Type.Optional(Type.String()),
      due: Type.Optional(Type.String()),
      rack: Type.Optional(OnRack),
    }),
  ),
  runs: Type.Array(RunRow),
  apart,
});

/** A pour that is to be computed. */
export const PourAsk = Type.Object(
  {
    plan: Type.Unsafe<Plan>(PlanSchema),
    seed: Type.Optional(Type.Integer({ minimum: 0, maximum: 4294967295 })),
    px: Type.Optional(Type.Integer({ minimum: 16, maximum: 1024 })),
  },
  { additionalProperties: false },
);

const PrintOf = {
  px: Type.Integer({ minimum: 16, maximum: MOST_PX }),
  look: Type.Unsafe<Look>(oneOf(...LOOKS)),
};

/** A print that is to be made of a plan as it is now. */
export const PrintAsk = Type.Object(
  {
    plan: Type.Unsafe<Plan>(PlanSchema),
    seed: Type.Optional(Type.Integer({ minimum: 0, maximum: 4294967295 })),
    ...PrintOf,
  },
  { additionalProperties: false },
);

/** How far a print is: what it is of, what share is done, and why it failed. */
export const PrintTold = Type.Object({
  state: Type.Unsafe<'none' | 'waiting' | 'computing' | 'done' | 'failed'>(
    oneOf('none', 'waiting', 'computing', 'done', 'failed'),
  ),
  share: Type.Number({ minimum: 0, maximum: 1 }),
  of: Type.Optional(Type.Object({ ...PrintOf, seed: Type.Integer() })),
  why: Type.Optional(Type.String()),
});

const G = Type.Number({ minimum: 0 });

const Settled = {
  covered: Type.Number({ minimum: 0, maximum: 1 }),
  bare: Type.Array(Type.Tuple([Type.Number(), Type.Number()])),
  limbs: Type.Optional(
    Type.Array(
      Type.Object({
        name: Type.String(),
        coveredShare: Type.Number({ minimum: 0, maximum: 1 }),
        meanMm: G,
      }),
    ),
  ),
  filmMm: Type.Object({ min: G, mean: G, max: G }),
  runOffG: Type.Object({ left: G, right: G, top: G, bottom: G, total: G }),
  cells: Type.Object({ count: Type.Integer({ minimum: 0 }), medianMm: G, spread: G, share: G }),
};

/** What came of it; see `PourTold`. */
export const PourAnswer = Type.Object({
  ...Settled,
  later: Type.Optional(
    Type.Array(Type.Object({ stage: Type.Integer({ minimum: 1 }), ...Settled })),
  ),
  mixes: Type.Record(
    Type.String(),
    Type.Object({ pouredMl: G, faceMl: G, edgesMl: G, runOffMl: G, takenMl: G, shows: G }),
  ),
  hash: Type.String(),
});

const Held = { count: Type.Integer({ minimum: 0 }), bytes: Type.Number({ minimum: 0 }) };

/** Pictures in the studio: how many, how large, how many there may be; and of them those that nothing shows any more. */
export const Pictures = Type.Object({
  ...Held,
  mostBytes: Type.Number(),
  unused: Type.Object(Held),
});

export const ReactionList = Type.Object({ reactions: Type.Array(ReactionSchema), apart });

const BinKind = Type.Unsafe<'plan' | 'run' | 'piece' | ShelfKind>(
  oneOf('plan', 'run', 'piece', ...SHELF_KINDS),
);

/** What was deleted in the last days and can be put back, the last first. */
export const Bin = Type.Object({
  things: Type.Array(
    Type.Object({
      kind: BinKind,
      id: Type.String(),
      name: Type.String(),
      /** Milliseconds since 1970. */
      goneAt: Type.Number(),
    }),
  ),
});

/** The one shape of every refusal. */
export const Refusal = Type.Object({
  error: Type.Object({
    code: oneOf(...(Object.keys(REFUSALS) as RefusalCode[])),
    message: Type.String(),
    faults: Type.Array(Type.Object({ path: Type.String(), message: Type.String() })),
    /** Revision the studio holds, where a save came too late. */
    revision: Type.Optional(Revision),
  }),
});

/** Copies of the whole studio, the newest first; why the last daily one could not be made, where it could not. */
export const Copies = Type.Object({
  copies: Type.Array(
    Type.Object({
      name: Type.String(),
      madeAt: Type.Number(),
      bytes: Type.Number({ minimum: 0 }),
    }),
  ),
  trouble: Type.Optional(Type.String()),
});

/** A copy that was brought in from elsewhere, by the name it has now. */
export const CopyBrought = Type.Object({ name: Type.String() });

const Names = Type.Array(Type.String());

/** What putting a copy back would do to each kind of thing, by names; `before`: the copy of the studio as it was, once it is done. */
export const CopyLook = Type.Object({
  differences: Type.Array(
    Type.Object({
      kind: Type.String(),
      brings: Names,
      takesAway: Names,
      changes: Names,
      same: Type.Integer({ minimum: 0 }),
    }),
  ),
  before: Type.Optional(Type.String()),
});

const DeviceName = Type.String({
  minLength: 1,
  maxLength: 60,
  pattern: '\\S',
  title: 'a name for this device',
});

/** A device that is let in; `here`: the one that asks. Times in milliseconds since 1970. */
export const Device = Type.Object({
  id: ServerId,
  name: Type.String(),
  pairedAt: Type.Number(),
  lastUsedAt: Type.Number(),
  /** Absent while it is let in. */
  revokedAt: Type.Optional(Type.Number()),
  here: Type.Boolean(),
});
export const Devices = Type.Object({ devices: Type.Array(Device) });
/** What may be said of a device: what it is called, and whether it is let in. */
export const DeviceChange = Type.Object(
  { name: Type.Optional(DeviceName), revoked: Type.Optional(Type.Boolean()) },
  { additionalProperties: false },
);

/** A device that asks to be let in, with the code off the machine's screen. */
export const Pair = Type.Object(
  { code: Type.String({ maxLength: 40 }), name: DeviceName },
  { additionalProperties: false },
);
/** The name this device goes by, where it is let in. */
export const Paired = Type.Object({ name: Type.Optional(Type.String()) });

/** How the studio stands to the home network. */
export const Home = Type.Object({
  /** Whether this was asked from the machine itself, which alone opens and closes it. */
  machine: Type.Boolean(),
  open: Type.Boolean(),
  /** Addresses of the application, the likeliest first. */
  addresses: Type.Array(Type.String()),
  /** The plain page that hands out the certificate; absent where a proxy has one of its own. */
  trustPage: Type.Optional(Type.String()),
  /** SHA-256 of the authority's certificate, in pairs. */
  fingerprint: Type.Optional(Type.String()),
  /** Whether phones that trusted an earlier authority have to trust this one. */
  trustAnew: Type.Optional(Type.Boolean()),
  /** A pairing code that is good, until when, and the picture to be scanned: rows of 0 and 1. */
  pairing: Type.Optional(
    Type.Object({
      code: Type.String(),
      until: Type.Number(),
      address: Type.String(),
      scan: Type.Array(Type.String()),
    }),
  ),
});
export const HomeChange = Type.Object({ open: Type.Boolean() }, { additionalProperties: false });

/** A page that listens: an id of its own. */
export const LiveAsk = Type.Object({ page: ServerId }, { additionalProperties: false });

/** What is on the scale at the table: in words, as the other screens show it. */
export const Table = Type.Object(
  {
    /** What is weighed, such as "Quince and Slate, Beetroot". */
    what: Type.String({ maxLength: 200 }),
    /** What goes in now. */
    adds: Type.String({ maxLength: 200 }),
    /** What the scale reads and what is still to go in, g; absent while nothing is read. */
    readsG: Type.Optional(Type.Number()),
    toGoG: Type.Number(),
  },
  { additionalProperties: false },
);
/** What a page has on its scale; without `table` it has left. */
export const TableNow = Type.Object(
  { page: ServerId, table: Type.Optional(Table) },
  { additionalProperties: false },
);

/** What pages are told as it happens: that they listen; that something was changed, by its address; what is on a scale; that they are put out. */
export const LiveEvent = Type.Union([
  Type.Object({ kind: Type.Literal('here') }),
  Type.Object({ kind: Type.Literal('changed'), about: Type.String() }),
  Type.Object({ kind: Type.Literal('table'), from: ServerId, table: Type.Optional(Table) }),
  Type.Object({ kind: Type.Literal('put-out') }),
]);

export const Health = Type.Object({ ok: Type.Literal(true), version: Type.String() });
export const Done = Type.Object({ done: Type.Literal(true) });

/** Every schema a validator is compiled for, by the name it is asked by. */
export const SCHEMAS = {
  Plan: PlanSchema,
  Studio: StudioSchema,
  PlanRecord,
  PlanShown,
  PlanSummary,
  PlansAsk,
  PlanList,
  PlanCreate,
  PlanSave,
  PlanSaved,
  ShelfItem,
  ShelfChange,
  Shelf,
  Settings,
  OwnTechnique: OwnTechniqueSchema,
  SettingsChange,
  Run: RunSchema,
  RunChange,
  RunRow,
  RunsAsk,
  RunList,
  Piece: PieceSchema,
  PieceChange,
  PieceRow,
  PiecesAsk,
  PieceList,
  PieceFile,
  Season,
  LessonList,
  Rack,
  PourAsk,
  PourAnswer,
  PrintAsk,
  PrintTold,
  Pictures,
  Reaction: ReactionSchema,
  ReactionList,
  Bin,
  Refusal,
  Copies,
  CopyBrought,
  CopyLook,
  Devices,
  DeviceChange,
  Pair,
  Paired,
  Home,
  HomeChange,
  LiveAsk,
  TableNow,
  Health,
  Done,
} as const;

export type SchemaName = keyof typeof SCHEMAS;
/** What a value that fits a schema is, by the schema's name. */
export type Documents = { [N in SchemaName]: Static<(typeof SCHEMAS)[N]> };
export type PlanRecord = Static<typeof PlanRecord>;
export type PlanShown = Static<typeof PlanShown>;
export type PlanSummary = Static<typeof PlanSummary>;
export type PlansAsk = Static<typeof PlansAsk>;
export type RunsAsk = Static<typeof RunsAsk>;
export type PlanList = Static<typeof PlanList>;
export type PlanCreate = Static<typeof PlanCreate>;
export type PlanSave = Omit<Static<typeof PlanSave>, 'was'> & { readonly was?: FormerType };
export type PlanSaved = Static<typeof PlanSaved>;
export type Shelf = { items: ShelfItemType[]; apart?: Apart[] };
export type Apart = Static<typeof Apart>;
export type Settings = Static<typeof Settings>;
export type PourAsk = Static<typeof PourAsk>;
export type PourAnswer = Static<typeof PourAnswer>;
export type PrintAsk = Static<typeof PrintAsk>;
export type PrintTold = Static<typeof PrintTold>;
export type Pictures = Static<typeof Pictures>;
export type ReactionList = Static<typeof ReactionList>;
export type RunRow = Static<typeof RunRow>;
export type RunList = Static<typeof RunList>;
export type PieceRow = Static<typeof PieceRow>;
export type PiecesAsk = Static<typeof PiecesAsk>;
export type PieceList = Static<typeof PieceList>;
export type PieceFile = Static<typeof PieceFile>;
export type Season = Static<typeof Season>;
export type LessonList = Static<typeof LessonList>;
export type Rack = Static<typeof Rack>;
export type Bin = Static<typeof Bin>;
export type BinKind = Static<typeof BinKind>;
export type CopyBrought = Static<typeof CopyBrought>;
export type CopyLook = Static<typeof CopyLook>;
export type Copies = Static<typeof Copies>;
export type Device = Static<typeof Device>;
export type Devices = Static<typeof Devices>;
export type Home = Static<typeof Home>;
export type LiveEvent = Static<typeof LiveEvent>;
export type Table = Static<typeof Table>;
export type Refusal = Static<typeof Refusal>;
