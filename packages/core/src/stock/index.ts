export { type BatchLine, batchMediums, batchOf, type BatchPlan, sharedOut } from './batch';
export { type Drawn, drawOf } from './draw';
export { batchMade, mediumBatch, type MediumBatch, readyOf } from './medium-batch';
export {
  byLightness,
  FAMILIES,
  type FamilyId,
  familyOf,
  GENERIC_PAINTS,
  namedPaint,
  paintByHex,
  paintsNamed,
} from './generic';
export { type LeftOver, leftOver, mayBecome } from './left-over';
export { type Need, needsOf } from './need';
export { pricesOf } from './prices';
export type {
  PaintTrial,
  ShelfFinish,
  ShelfItem,
  ShelfJar,
  ShelfKind,
  ShelfMaterial,
  ShelfMedium,
  ShelfPaint,
  ShelfSurface,
  ShelfVessel,
} from './schema';
export { runsLow, SHELF_KINDS, shelfDensity, shelfId, shelfName } from './shelf-item';
export { blankFor, type ShoppingLine, shoppingList } from './shopping';
export { figureField, standing } from './standing';
export {
  COVERS,
  USUAL_NOTES,
  densityFault,
  notesOf,
  withNote,
  withOpacity,
  withTintSwatch,
  withWeighing,
} from './trial';
