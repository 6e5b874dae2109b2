import { capacityMl } from '../vessel/frustum';
import { trim } from '../quantity/show';
import { shapeOf } from '../surface/measure';
import type { Shape, Surface } from '../surface/schema';
import { type SizeUnit, sizeWords } from '../surface/size-words';
import { type Need, sameVessel } from './need';
import type { ShelfItem, ShelfSurface } from './schema';
import { shelfId } from './shelf-item';

/** One line of a shopping list. Amounts of what is poured in mL with its grams beside, of what is counted in pieces. */
export interface ShoppingLine {
  readonly kind: Need['kind'];
  /** What it is on the shelf, where it stands there. */
  readonly id?: string;
  readonly name: string;
  readonly maker?: string;
  readonly unit: 'ml' | 'pieces';
  readonly need: number;
  readonly needG?: number;
  readonly have: number;
  readonly lack: number;
  /** Whether the shelf knows it at all; where not, `have` is only an absence of news. */
  readonly known: boolean;
  /** Full tubes, bottles or pieces to buy, where their size is known. */
  readonly buy?: number;
  readonly packMl?: number;
  readonly cost?: number;
}

/** Blanks within this of each other are the same, mm: a canvas is never cut exact. */
const SAME_MM = 2;

/** What these plans need together, against what stands on the shelf: what is lacking first, each line once. */
export function shoppingList(
  needs: readonly Need[],
  shelf: readonly ShelfItem[],
  unit: SizeUnit = 'cm',
): ShoppingLine[] {
  return together(needs)
    .map((need) => lineOf(need, shelf, unit))
    .sort((a, b) => Number(b.lack > 0) - Number(a.lack > 0));
}

/** Needs for the same thing as one. */
export function together(needs: readonly Need[]): Need[] {
  const out: Need[] = [];
  for (const need of needs) {
    const at = out.findIndex((other) => sameNeed(other, need));
    const found = out[at];
    if (!found) out.push(need);
    else if ('ml' in found && 'ml' in need)
      out[at] = { ...found, ml: found.ml + need.ml, g: found.g + need.g };
    else if ('count' in found && 'count' in need)
      out[at] = { ...found, count: found.count + need.count } as Need;
  }
  return out;
}

function sameNeed(a: Need, b: Need): boolean {
  if (a.kind === 'surface' && b.kind === 'surface') return sameBlank(a.surface, b.surface);
  if (a.kind === 'vessel' && b.kind === 'vessel') return sameVessel(a.vessel, b.vessel);
  return 'id' in a && 'id' in b && a.kind === b.kind && a.id === b.id;
}

type Blank = { readonly shape: Shape; readonly edgeDepthMm: number };

/** Whether two blanks are the same thing to buy: kind, measures either way round, and outline where it has one of its own. */
export function sameBlank(a: Blank, b: Blank): boolean {
  if (a.shape.kind !== b.shape.kind) return false;
  const near = (x: number, y: number) => Math.abs(x - y) <= SAME_MM;
  const [one, other] = [a, b].map(({ shape }) =>
    [...shapeOf(shape).sides(shape)].sort((x, y) => x - y),
  ) as [number[], number[]];
  return (
    one.length === other.length &&
    one.every((mm, i) => near(mm, other[i]!)) &&
    Math.abs(shapeOf(a.shape).areaMm2(a.shape) / shapeOf(b.shape).areaMm2(b.shape) - 1) < 0.02
  );
}

/** The blank on the shelf that this surface is, if there is one. */
export const blankFor = (surface: Surface, shelf: readonly ShelfItem[]): ShelfSurface | undefined =>
  shelf.find((i): i is ShelfSurface => i.kind === 'surface' && sameBlank(i, surface));

function lineOf(need: Need, shelf: readonly ShelfItem[], unit: SizeUnit): ShoppingLine {
  switch (need.kind) {
    case 'surface': {
      const item = blankFor(need.surface, shelf);
      const name = `Blank, ${sizeWords(need.surface.shape, unit)}`;
      return counted(need.kind, name, need.count, item);
    }
    case 'vessel': {
      const item = shelf.find((i) => i.kind === 'vessel' && sameVessel(i.vessel, need.vessel));
      const name = need.vessel.name ?? `Cup, ${trim(capacityMl(need.vessel), 0)} mL`;
      return counted(need.kind, name, need.count, item?.kind === 'vessel' ? item : undefined);
    }
    default: {
      const items = shelf.filter((i): i is Extract<ShelfItem, { stockMl?: number }> =>
        'stockMl' in i ||
        i.kind === 'paint' ||
        i.kind === 'material' ||
        i.kind === 'medium' ||
        i.kind === 'finish'
          ? need.kind === 'finish'
            ? i.kind === 'finish' && i.product === need.id
            : i.kind === need.kind && shelfId(i) === need.id
          : false,
      );
      const have = items.reduce((sum, i) => sum + (i.stockMl ?? 0), 0);
      const lack = Math.max(0, need.ml - have);
      const pack = items.find((i) => i.sizeMl !== undefined);
      const buy = pack?.sizeMl === undefined ? undefined : Math.ceil(lack / pack.sizeMl - 1e-9);
      const [first] = items;
      return {
        kind: need.kind,
        ...(first ? { id: shelfId(first) } : {}),
        name: need.name,
        ...(first?.maker ? { maker: first.maker } : {}),
        unit: 'ml',
        need: need.ml,
        needG: need.g,
        have,
        lack,
        known: items.length > 0,
        ...(buy === undefined || lack === 0 ? {} : { buy, packMl: pack!.sizeMl! }),
        ...(buy === undefined || lack === 0 || pack?.price === undefined
          ? {}
          : { cost: buy * pack.price }),
      };
    }
  }
}

function counted(
  kind: 'surface' | 'vessel',
  name: string,
  need: number,
  item: Extract<ShelfItem, { count?: number }> | undefined,
): ShoppingLine {
  const have = item?.count ?? 0;
  const lack = Math.max(0, need - have);
  return {
    kind,
    ...(item ? { id: shelfId(item) } : {}),
    name,
    ...(item?.maker ? { maker: item.maker } : {}),
    unit: 'pieces',
    need,
    have,
    lack,
    known: item !== undefined,
    ...(lack > 0 ? { buy: lack } : {}),
    ...(lack > 0 && item?.price !== undefined ? { cost: lack * item.price } : {}),
  };
}
