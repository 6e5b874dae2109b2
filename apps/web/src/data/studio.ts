import type { Settings } from '@potter/contract';
import type { Reaction } from '@potter/core/paint';
import type { Studio } from '@potter/core/plan';
import type { LessonLearnt } from '@potter/core/remark';
import { pricesOf, readyOf, type ShelfItem } from '@potter/core/stock';
import type { Surface } from '@potter/core/surface';

/** Where what the brief may know of the studio is found. */
interface Known {
  readonly shelf: readonly ShelfItem[];
  readonly now: Date;
  /** What is poured on, where its price is wanted. */
  readonly surface?: Surface;
  readonly reactions?: readonly Reaction[];
  readonly lessons?: readonly LessonLearnt[];
  readonly settings?: Pick<Settings, 'stayMm' | 'house'>;
}

/**
 * What the brief may know of the studio: today, what the things on the shelf cost, which mediums stand ready, what did not get on before and what
 * was learnt.
 */
export function studioOf({
  shelf,
  now,
  surface,
  reactions = [],
  lessons = [],
  settings: { stayMm, house } = {},
}: Known): Studio {
  return {
    today: dayOf(now),
    ready: readyOf(shelf),
    reactions: [...reactions],
    lessons: [...lessons],
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
