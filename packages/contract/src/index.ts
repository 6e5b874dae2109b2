export { DEFAULT_SETTINGS } from './default-settings';
export { MOST_UNANSWERED } from './most-unanswered';
export type {
  Apart,
  Bin,
  BinKind,
  Copies,
  PlanCreate,
  PlanList,
  PlanRecord,
  PlanSave,
  PlanSaved,
  PourAnswer,
  PourAsk,
  PlanSummary,
  ReactionList,
  Refusal,
  RunList,
  RunRow,
  SchemaName,
  Settings,
  Shelf,
} from './schemas';
export type { Change, Former } from './change';
