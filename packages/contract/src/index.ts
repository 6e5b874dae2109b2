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
  SchemaName,
  Settings,
  Shelf,
} from './schemas';
