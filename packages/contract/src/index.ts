export { DEFAULT_SETTINGS } from './default-settings';
export type {
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
