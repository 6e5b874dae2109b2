export type {
  PlanList,
  PlanRecord,
  PlanSave,
  PlanSaved,
  PlanSummary,
  Refusal,
  SchemaName,
  ShelfPaint,
  ShelfPaintList,
} from './schemas';
