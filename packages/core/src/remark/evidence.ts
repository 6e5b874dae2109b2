import type { Amounts } from '../budget/budget';
import type { Budget } from '../budget/schema';
import type { LoadedCup } from '../cup/load';
import type { Cup } from '../cup/schema';
import type { Factors } from '../factor';
import type { Outcome } from '../flow/outcome';
import type { Book } from '../material/book';
import type { Opacity } from '../mix/opacity';
import type { Recipe } from '../mix/recipe';
import type { Mix } from '../mix/schema';
import type { Reaction } from '../paint/reaction-schema';
import type { LessonLearnt } from './lesson-schema';
import type { CupOrder } from '../order/schema';
import type { Paint } from '../paint/schema';
import type { SurfaceMeasure } from '../surface/measure';
import type { Surface } from '../surface/schema';
import type { Choice } from '../technique';
import type { Ledger, Move } from '../verb';

/** One operation of RFC 6902 on the plan document. */
export type PatchOp =
  | { readonly op: 'add' | 'replace'; readonly path: string; readonly value: unknown }
  | { readonly op: 'remove'; readonly path: string };

/** What a mix turned out to be. */
export interface MixResult {
  readonly recipe: Recipe;
  /** Colour of a film thick enough to hide everything. */
  readonly masstoneHex: string;
  readonly film: Opacity;
  /** The poured film over the ground it lies on, and that ground. */
  readonly overGroundHex: string;
  readonly groundHex: string;
}

/** All a remark may look at: the document and what was computed from it. Array positions are the document's own. */
export interface Evidence {
  readonly plan: Choice & {
    readonly surface: Surface;
    readonly metallics?: 'thicker' | 'alike';
    /** Notes of earlier pieces that have been heeded in this plan, by id. */
    readonly heeded?: readonly string[];
    readonly mixes: readonly Mix[];
    readonly budget: Budget;
    readonly cups: readonly Cup[];
    readonly order?: CupOrder;
    readonly moves: readonly Move[];
    readonly room?: { readonly tempC: number; readonly rh: number };
  };
  readonly measure: SurfaceMeasure;
  readonly amounts: Amounts;
  readonly cups: readonly LoadedCup[];
  /** What the moves take, one entry a move. */
  readonly ledger: Ledger;
  readonly mixes: ReadonlyMap<string, MixResult>;
  readonly paintOf: (id: string) => Paint;
  readonly book: Book;
  readonly recipeOf: (mix: Mix) => Recipe;
  /** Paints and makers that did not get on before, and the makers of paints by their id. */
  readonly reactions: readonly Reaction[];
  readonly makers: Readonly<Record<string, string>>;
  /** What was to be done otherwise after earlier pieces. */
  readonly lessons: readonly LessonLearnt[];
  /** The figures a warning goes by. */
  readonly factors: Factors;
  /** What the preview says came of one piece, where it has been computed for the plan as it is. */
  readonly outcome?: Outcome;
}

/** `spoils` will ruin the piece, `may` can, `note` is worth knowing. */
export type Severity = 'spoils' | 'may' | 'note';

export interface Finding {
  readonly severity: Severity;
  /** JSON pointer to what it is about. */
  readonly about: string;
  /** What will happen, one sentence. */
  readonly message: string;
  /** What to do, one sentence with its numbers. */
  readonly advice: string;
  readonly numbers: Readonly<Record<string, number>>;
  readonly fix?: { readonly label: string; readonly patch: readonly PatchOp[] };
  /** The artist means it so: from then on nothing is said of it in this plan. */
  readonly meant?: { readonly label: string; readonly patch: readonly PatchOp[] };
}

/** One piece of advice. A new one is one such file, named in `index.ts`. */
export interface RemarkDefinition {
  readonly id: string;
  readonly see: (evidence: Evidence) => readonly Finding[];
}

export const nameOf = ({ plan }: Evidence, mixId: string): string =>
  plan.mixes.find((m) => m.id === mixId)?.name ?? mixId;
