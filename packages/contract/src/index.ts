export { DEFAULT_SETTINGS } from './default-settings';
export type {
  PlanList,
  PlanRecord,
  PlanSave,
  PlanSaved,
  PlanSummary,
  ReactionList,
  Refusal,
  RunList,
  RunRow,
  SchemaName,
  Settings,
  Shelf,
} from './schemas';
