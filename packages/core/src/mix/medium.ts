import type { Book } from '../material/book';
import type { Medium } from '../material/schema';

/** One mL of a medium taken apart into plain materials. */
export interface MediumMake {
  readonly densityGPerMl: number;
  /** Volume of each material in 1 mL, mL; first come first. */
  readonly volumes: ReadonlyMap<string, number>;
}

/** Mediums in mediums in mediums: deeper than this nobody stirs, and no plan may hold. */
export const MOST_NESTED = 8;

const made = new WeakMap<Book, Map<string, MediumMake>>();

/**
 * Takes a medium apart, nested mediums and both bases included. Volumes are taken to add up. Each is taken apart once for its book: one
 * that stands in many others costs no more.
 * Throws a RangeError where a medium holds itself; a checked plan never does.
 */
export function makeMedium(id: string, book: Book, inside: readonly string[] = []): MediumMake {
  const known = made.get(book) ?? new Map<string, MediumMake>();
  made.set(book, known);
  const before = known.get(id);
  if (before) return before;
  if (inside.includes(id))
    throw new RangeError(`medium "${id}" holds itself: ${[...inside, id].join(' → ')}`);
  const medium = book.medium(id);
  const volumes = new Map<string, number>();
  let volume = 0;
  let mass = 0;
  for (const item of medium.of) {
    const make: MediumMake =
      'medium' in item
        ? makeMedium(item.medium, book, [...inside, id])
        : {
            densityGPerMl: book.material(item.material).densityGPerMl,
            volumes: new Map([[item.material, 1]]),
          };
    const ml = medium.basis === 'volume' ? item.parts : item.parts / make.densityGPerMl;
    volume += ml;
    mass += ml * make.densityGPerMl;
    for (const [material, share] of make.volumes)
      volumes.set(material, (volumes.get(material) ?? 0) + share * ml);
  }
  for (const [material, ml] of volumes) volumes.set(material, ml / volume);
  const make = { densityGPerMl: mass / volume, volumes };
  known.set(id, make);
  return make;
}

/**
 * How deep mediums stand in each other below one, itself counted; each is looked into once. A loop counts as deeper than any.
 * @param mediumOf the medium of an id; undefined for one that is not there
 */
export function depthOf(id: string, mediumOf: (id: string) => Medium | undefined): number {
  const known = new Map<string, number>();
  const into = (at: string): number => {
    const before = known.get(at);
    if (before !== undefined) return before;
    known.set(at, Infinity);
    let deepest = 0;
    for (const item of mediumOf(at)?.of ?? [])
      if ('medium' in item) deepest = Math.max(deepest, into(item.medium));
    known.set(at, deepest + 1);
    return deepest + 1;
  };
  return into(id);
}

/**
 * The way by which a medium comes to hold itself, from its own id back to it; undefined where it does not.
 * @param mediumOf the medium of an id; undefined for one that is not there, which is a fault of its own
 */
export function loopOf(
  id: string,
  mediumOf: (id: string) => Medium | undefined,
): readonly string[] | undefined {
  // A medium that did not lead back once does not lead back by another way either.
  const looked = new Set<string>();
  const into = (at: string, path: readonly string[]): readonly string[] | undefined => {
    if (looked.has(at)) return undefined;
    looked.add(at);
    for (const item of mediumOf(at)?.of ?? []) {
      if (!('medium' in item)) continue;
      if (item.medium === id) return [...path, id];
      const found = into(item.medium, [...path, item.medium]);
      if (found) return found;
    }
    return undefined;
  };
  return into(id, [id]);
}
