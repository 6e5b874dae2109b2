import type { Book } from '../material/book';

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
  if (inside.includes(id)) throw new RangeError(`medium "${id}" holds itself`);
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
