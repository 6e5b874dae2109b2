import type { Settings } from '@potter/contract';
import type { Reaction } from '@potter/core/paint';
import type { Studio } from '@potter/core/plan';
import { pricesOf, readyOf, type ShelfItem } from '@potter/core/stock';
import type { Surface } from '@potter/core/surface';

/** What the brief may know of the studio: today, what the things on the shelf cost, which mediums stand ready, and what did not get on before. */
export function studioOf(
  shelf: readonly ShelfItem[],
  now: Date,
  surface?: Surface,
  reactions: readonly Reaction[] = [],
  { stayMm, house }: Pick<Settings, 'stayMm' | 'house'> = {},
): Studio {
  return {
    today: dayOf(now),
    ready: readyOf(shelf),
    reactions: [...reactions],
    makers: Object.fromEntries(
      shelf.flatMap((item) =>
        item.kind === 'paint' && item.maker ? [[item.paint.id, item.maker]] : [],
      ),
    ),
    ...pricesOf(shelf, surface),
    ...(house ? { house } : {}),
    factors: stayMm === undefined ? {} : { 'film-stays': stayMm },
  };
}

/** A moment's day where the artist is. */
export function dayOf(now: Date): string {
  const pad = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${pad(now.getMonth() + 1)}-${pad(now.getDate())}`;
}
