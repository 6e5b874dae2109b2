import { taken } from './draw';
import type { ShelfItem } from './schema';

/** The field that says how much there is of a thing, mL or pieces; jars are weighed anew whenever they are used. */
export function figureField(item: ShelfItem): 'stockMl' | 'count' | undefined {
  if (item.kind === 'jar') return undefined;
  return item.kind === 'surface' || item.kind === 'vessel' ? 'count' : 'stockMl';
}

/**
 * A thing as it stands: its figure as the artist last said it, less what pours have drawn since; more where one of those drawn on before was
 * undone. What nobody counts stays uncounted, and nothing stands below nothing.
 * @param drawnSince mL or pieces
 */
export function standing(item: ShelfItem, drawnSince: number): ShelfItem {
  const field = figureField(item);
  const counted = field !== undefined && (item as Record<string, unknown>)[field] !== undefined;
  return counted && drawnSince !== 0 ? taken(item, drawnSince) : item;
}
