import { MATERIALS } from './catalogue';
import type { Material, Medium } from './schema';
import { STOCK_MEDIUMS } from './medium';

/** Materials and mediums a plan can draw on: the catalogue with the plan's own on top. */
export interface Book {
  readonly material: (id: string) => Material;
  readonly medium: (id: string) => Medium;
  readonly materialIds: readonly string[];
  readonly mediumIds: readonly string[];
  readonly isStock: (mediumId: string) => boolean;
}

/**
 * Opens the book of a plan. Own entries win over catalogue entries of the same id.
 * Looking up an id that is in neither throws a RangeError naming those there are; a checked plan never does.
 */
export function openBook(ownMaterials: readonly Material[], ownMediums: readonly Medium[]): Book {
  const materials = new Map([...MATERIALS, ...ownMaterials].map((m) => [m.id, m]));
  const mediums = new Map([...STOCK_MEDIUMS, ...ownMediums].map((m) => [m.id, m]));
  const own = new Set(ownMediums.map((m) => m.id));
  return {
    material: (id) => found(materials, id, 'material'),
    medium: (id) => found(mediums, id, 'medium'),
    materialIds: [...materials.keys()],
    mediumIds: [...mediums.keys()],
    isStock: (id) => !own.has(id) && mediums.has(id),
  };
}

function found<T>(map: ReadonlyMap<string, T>, id: string, kind: string): T {
  const entry = map.get(id);
  if (!entry) throw new RangeError(`no ${kind} "${id}"; there are ${[...map.keys()].join(', ')}`);
  return entry;
}
