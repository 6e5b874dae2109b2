export { DEFAULT_SETTINGS } from './default-settings';
export { type ShelfKind, shelfId } from './shelf-id';
export type {
  PlanList,
  PlanRecord,
  PlanSave,
  PlanSaved,
  PlanSummary,
  Refusal,
  RunList,
  SchemaName,
  Settings,
  Shelf,
  ShelfItem,
  ShelfMaterial,
  ShelfMedium,
  ShelfPaint,
  ShelfVessel,
} from './schemas';
