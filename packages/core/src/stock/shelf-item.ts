import { sheetsWith } from '../coat';
import { densityOf } from '../paint/property';
import { coatGPerMl } from '../verb/coat';
import type { ShelfItem, ShelfKind } from './schema';

/** What stands on a shelf, in the order it is shown. */
export const SHELF_KINDS: readonly ShelfKind[] = [
  'paint',
  'material',
  'medium',
  'vessel',
  'surface',
  'finish',
  'jar',
];

/** The id a thing on the shelf goes by, one of its kind. */
export function shelfId(item: ShelfItem): string {
  switch (item.kind) {
    case 'paint':
      return item.paint.id;
    case 'material':
      return item.material.id;
    case 'medium':
      return item.medium.id;
    default:
      return item.id;
  }
}

/** What it is called. */
export function shelfName(item: ShelfItem): string {
  switch (item.kind) {
    case 'paint':
      return item.paint.name;
    case 'material':
      return item.material.name;
    case 'medium':
      return item.medium.name;
    case 'vessel':
      return item.vessel.name ?? 'Cup';
    default:
      return item.name;
  }
}

/** Mass of a millilitre of it, for what is poured; 1.05 for a medium of one's own, whose parts the shelf does not weigh. */
export function shelfDensity(item: ShelfItem): number {
  switch (item.kind) {
    case 'paint':
      return densityOf(item.paint);
    case 'material':
      return item.material.densityGPerMl;
    case 'finish':
      return coatGPerMl(item.product, sheetsWith(item.sheets));
    default:
      return 1.05;
  }
}

/** Whether it stands at or below the mark its owner set. */
export const runsLow = (item: ShelfItem): boolean =>
  ('lowMl' in item && item.lowMl !== undefined && (item.stockMl ?? 0) <= item.lowMl) ||
  ('lowCount' in item && item.lowCount !== undefined && (item.count ?? 0) <= item.lowCount);
