import type { Book } from '../material/book';
import { weighMedium, type WeighStep } from './weigh';

/** A compound medium that has to be made first, enough for everything that takes of it. */
export interface MediumToMake {
  readonly id: string;
  readonly name: string;
  readonly g: number;
  readonly ml: number;
  readonly steps: readonly WeighStep[];
}

/**
 * Mediums that have to be made before what is asked for, a medium inside another before the one it goes into.
 * @param ready mL that stand ready by medium id: one of which there is enough is taken from there
 */
export function mediumsToMake(
  asked: readonly Pick<WeighStep, 'material' | 'g' | 'ml'>[],
  book: Book,
  stepG: number,
  ready: Readonly<Record<string, number>> = {},
): MediumToMake[] {
  const need = new Map<string, { g: number; ml: number }>();
  const ask = (steps: readonly Pick<WeighStep, 'material' | 'g' | 'ml'>[]): void => {
    for (const { material, g, ml } of steps) {
      if (!book.mediumIds.includes(material) || book.materialIds.includes(material)) continue;
      const sum = need.get(material) ?? { g: 0, ml: 0 };
      need.set(material, { g: sum.g + g, ml: sum.ml + ml });
    }
  };
  ask(asked);
  const depth = (id: string): number =>
    1 + Math.max(0, ...book.medium(id).of.map((i) => ('medium' in i ? depth(i.medium) : 0)));
  const made: MediumToMake[] = [];
  while (need.size > 0) {
    // The one that holds most levels is held by no other that is still asked for, so all of it is known.
    const [deepest] = [...need].sort(([a], [b]) => depth(b) - depth(a));
    const [id, { g, ml }] = deepest!;
    need.delete(id);
    if ((ready[id] ?? 0) >= ml) continue;
    const medium = book.medium(id);
    const steps = weighMedium(medium, book, g, stepG);
    ask(steps);
    made.unshift({ id, name: medium.name, g, ml, steps });
  }
  return made;
}
