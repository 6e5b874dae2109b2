import type { Book } from '../material/book';
import type { Medium } from '../material/schema';
import { makeMedium } from '../mix/medium';
import { mediumsToMake, type MediumToMake } from '../mix/mediums-to-make';
import { taken } from './draw';
import type { ShelfItem, ShelfMedium } from './schema';
import { shelfId } from './shelf-item';

/** What making a medium for the shelf comes to. */
export interface MediumBatch {
  readonly g: number;
  readonly ml: number;
  /** What is weighed, a medium inside it first; the last is the medium itself. */
  readonly make: readonly MediumToMake[];
  readonly cost: number;
  /** Names of what has no price, so that the cost is known to be too low. */
  readonly unpriced: readonly string[];
  /** What the shelf holds too little of, mL. Water comes from the tap. */
  readonly lacks: readonly { readonly name: string; readonly ml: number }[];
}

/** mL of mediums that stand ready on a shelf, by id. */
export const readyOf = (shelf: readonly ShelfItem[]): Record<string, number> =>
  Object.fromEntries(
    shelf.flatMap((i) => (i.kind === 'medium' && i.stockMl ? [[i.medium.id, i.stockMl]] : [])),
  );

/** So many mL of a medium to keep: what is weighed, what it costs, what is lacking. */
export function mediumBatch(
  medium: Medium,
  book: Book,
  ml: number,
  stepG: number,
  shelf: readonly ShelfItem[],
): MediumBatch {
  const g = ml * makeMedium(medium.id, book).densityGPerMl;
  // Of the medium itself more is wanted, however much there is; one inside it may stand ready.
  const { [medium.id]: _, ...ready } = readyOf(shelf);
  const make = mediumsToMake([{ material: medium.id, g, ml }], book, stepG, ready);
  let cost = 0;
  const unpriced = new Set<string>();
  const lacks: { name: string; ml: number }[] = [];
  for (const [id, need] of usedBy(make)) {
    if (id === 'water') continue;
    const name = book.materialIds.includes(id) ? book.material(id).name : book.medium(id).name;
    const items = shelf.filter((i) => isStuff(i) && shelfId(i) === id).filter(isStuff);
    const priced = items.find((i) => i.price !== undefined && i.sizeMl !== undefined);
    if (priced) cost += (priced.price! * need) / priced.sizeMl!;
    else unpriced.add(name);
    const have = items.reduce((sum, i) => sum + (i.stockMl ?? 0), 0);
    if (need > have + 1e-6) lacks.push({ name, ml: need - have });
  }
  return { g, ml, make, cost, unpriced: [...unpriced], lacks };
}

/**
 * The shelf's things as they are once a batch is made: what went in is taken off, nothing falls below nothing, and the medium stands ready with what
 * it cost.
 * @param on the day it was made
 */
export function batchMade(
  medium: Medium,
  batch: MediumBatch,
  shelf: readonly ShelfItem[],
  on: string,
): ShelfItem[] {
  const changed = new Map<string, ShelfItem>();
  for (const [id, need] of usedBy(batch.make)) {
    let left = need;
    for (const item of shelf) {
      if (left <= 0 || !isStuff(item) || shelfId(item) !== id || !item.stockMl) continue;
      const off = Math.min(left, item.stockMl);
      changed.set(`${item.kind} ${id}`, taken(item, off));
      left -= off;
    }
  }
  const had = shelf.find((i): i is ShelfMedium => i.kind === 'medium' && i.medium.id === medium.id);
  const stockMl = Number(((had?.stockMl ?? 0) + batch.ml).toFixed(3));
  return [
    ...changed.values(),
    {
      kind: 'medium',
      ...had,
      medium: { id: medium.id, name: medium.name, basis: medium.basis, of: medium.of },
      stockMl,
      sizeMl: Number(batch.ml.toFixed(3)),
      ...(batch.unpriced.length === 0 ? { price: Number(batch.cost.toFixed(2)) } : {}),
      openedOn: on,
    },
  ];
}

/** mL of everything that goes in from outside the batch. */
function usedBy(make: readonly MediumToMake[]): Map<string, number> {
  const inside = new Set(make.map((m) => m.id));
  const used = new Map<string, number>();
  for (const { material, ml } of make.flatMap((m) => m.steps))
    if (!inside.has(material)) used.set(material, (used.get(material) ?? 0) + ml);
  return used;
}

const isStuff = (i: ShelfItem): i is Extract<ShelfItem, { kind: 'material' | 'medium' }> =>
  i.kind === 'material' || i.kind === 'medium';
