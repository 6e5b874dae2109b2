import type { Book } from '../material/book';
import type { Medium } from '../material/schema';

/** One mL of a medium taken apart into plain materials. */
export interface MediumMake {
  readonly densityGPerMl: number;
  /** Volume of each material in 1 mL, mL; first come first. */
  readonly volumes: ReadonlyMap<string, number>;
}

/**
 * Takes a medium apart, nested mediums and both bases included. Volumes are taken to add up.
 * Throws a RangeError where a medium holds itself; a checked plan never does.
 */
export function makeMedium(id: string, book: Book, inside: readonly string[] = []): MediumMake {
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
  return { densityGPerMl: mass / volume, volumes };
}

/**
 * The way by which a medium comes to hold itself, from its own id back to it; undefined where it does not.
 * @param mediumOf the medium of an id; undefined for one that is not there, which is a fault of its own
 */
export function loopOf(
  id: string,
  mediumOf: (id: string) => Medium | undefined,
): readonly string[] | undefined {
  const into = (at: string, path: readonly string[]): readonly string[] | undefined => {
    for (const item of mediumOf(at)?.of ?? []) {
      if (!('medium' in item)) continue;
      if (item.medium === id) return [...path, id];
      // A loop further in that does not come back here is that medium's fault.
      if (path.includes(item.medium)) continue;
      const found = into(item.medium, [...path, item.medium]);
      if (found) return found;
    }
    return undefined;
  };
  return into(id, [id]);
}
