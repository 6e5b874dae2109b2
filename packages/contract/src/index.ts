export { DEFAULT_SETTINGS } from './default-settings';
export { MOST_UNANSWERED } from './most-unanswered';
export type {
  Apart,
  Bin,
  BinKind,
  Copies,
  CopyBrought,
  CopyLook,
  Documents,
  Pictures,
  PlanCreate,
  PlanList,
  PlanRecord,
  PlanSave,
  PlansAsk,
  PlanSaved,
  PourAnswer,
  PourAsk,
  PlanShown,
  PlanSummary,
  ReactionList,
  Refusal,
  RunList,
  RunRow,
  RunsAsk,
  SchemaName,
  Settings,
  Shelf,
} from './schemas';
export type { Change, Former } from './change';
export type { RefusalCode } from './refusals';
