import { validate as Plan } from './generated/Plan.js';
import { validate as Studio } from './generated/Studio.js';
import { validate as PlanRecord } from './generated/PlanRecord.js';
import { validate as PlanShown } from './generated/PlanShown.js';
import { validate as PlanSummary } from './generated/PlanSummary.js';
import { validate as PlansAsk } from './generated/PlansAsk.js';
import { validate as PlanList } from './generated/PlanList.js';
import { validate as PlanCreate } from './generated/PlanCreate.js';
import { validate as PlanSave } from './generated/PlanSave.js';
import { validate as PlanSaved } from './generated/PlanSaved.js';
import { validate as ShelfItem } from './generated/ShelfItem.js';
import { validate as ShelfChange } from './generated/ShelfChange.js';
import { validate as Shelf } from './generated/Shelf.js';
import { validate as Settings } from './generated/Settings.js';
import { validate as SettingsChange } from './generated/SettingsChange.js';
import { validate as Run } from './generated/Run.js';
import { validate as RunChange } from './generated/RunChange.js';
import { validate as RunsAsk } from './generated/RunsAsk.js';
import { validate as RunRow } from './generated/RunRow.js';
import { validate as RunList } from './generated/RunList.js';
import { validate as Pictures } from './generated/Pictures.js';
import { validate as PourAnswer } from './generated/PourAnswer.js';
import { validate as PourAsk } from './generated/PourAsk.js';
import { validate as Reaction } from './generated/Reaction.js';
import { validate as ReactionList } from './generated/ReactionList.js';
import { validate as Bin } from './generated/Bin.js';
import { validate as Refusal } from './generated/Refusal.js';
import { validate as Copies } from './generated/Copies.js';
import { validate as CopyBrought } from './generated/CopyBrought.js';
import { validate as CopyLook } from './generated/CopyLook.js';
import { validate as Health } from './generated/Health.js';
import { validate as Done } from './generated/Done.js';
import type { Fault } from '@potter/core/schema';
import { faultsOf, type Validate } from './check';
import { DOCUMENT, TABLE } from './limits';
import type { SchemaName } from './schemas';

const VALIDATORS: Readonly<Record<SchemaName, Validate>> = {
  Plan,
  Studio,
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
  SettingsChange,
  Run,
  RunChange,
  RunsAsk,
  RunRow,
  RunList,
  Pictures,
  PourAnswer,
  PourAsk,
  Reaction,
  ReactionList,
  Bin,
  Refusal,
  Copies,
  CopyBrought,
  CopyLook,
  Health,
  Done,
};

/** Lists of many things; all else is one document. */
const TABLES: ReadonlySet<SchemaName> = new Set(['Shelf', 'PlanList', 'RunList', 'ReactionList']);

/** Every fault of a value that came from somewhere, against any schema of the contract. For the server; a screen imports the one it needs. */
export const check = (name: SchemaName, value: unknown): Fault[] =>
  faultsOf(VALIDATORS[name], value, TABLES.has(name) ? TABLE : DOCUMENT);

/** As `check`, of a value of our own making: it is judged whatever its size. */
export const judge = (name: SchemaName, value: unknown): Fault[] =>
  faultsOf(VALIDATORS[name], value, null);
