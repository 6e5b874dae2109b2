import type { ShelfItem, ShelfJar, ShelfKind } from '@potter/core/stock';
import { consistencyOf } from '@potter/core/mix';
import { trim } from '@potter/core/quantity';
import { sizeWords } from '@potter/core/surface';
import { capacityMl } from '@potter/core/vessel';
import { dayWords } from '@/ui/day-words';

const FROM_WORDS: Readonly<Record<ShelfJar['from'], string>> = {
  'run-off': 'ran off',
  'left-over': 'left over',
  mixed: 'mixed',
};

/** A thing on the shelf in two lines. */
export function itemWords(item: ShelfItem): { readonly name: string; readonly says: string } {
  switch (item.kind) {
    case 'paint': {
      const { paint, maker } = item;
      const opacity = typeof paint.opacity === 'string' ? paint.opacity : 'measured';
      return {
        name: paint.name,
        says: [opacity, paint.body, paint.finish, maker].filter(Boolean).join(', '),
      };
    }
    case 'material':
      return {
        name: item.material.name,
        says: [item.material.role, consistencyOf(item.material.viscosityPaS), item.maker]
          .filter(Boolean)
          .join(', '),
      };
    case 'medium':
      return {
        name: item.medium.name,
        says: `${item.medium.of.length} ingredients by ${item.medium.basis}${item.openedOn ? `, made ${dayWords(item.openedOn)}` : ''}`,
      };
    case 'vessel':
      return {
        name: item.vessel.name ?? 'Cup',
        says: `holds ${trim(capacityMl(item.vessel), 0)} mL`,
      };
    case 'surface':
      return {
        name: item.name,
        says: [sizeWords(item.shape, 'cm'), item.support, item.maker].filter(Boolean).join(', '),
      };
    case 'finish':
      return { name: item.name, says: [item.product, item.maker].filter(Boolean).join(', ') };
    case 'jar':
      return {
        name: item.name,
        says: `${FROM_WORDS[item.from]} on ${dayWords(item.madeOn)}${item.consistency ? `, ${item.consistency}` : ''}${item.silicone ? ', silicone in it' : ''}`,
      };
  }
}

/** Whether a search finds it: every word somewhere in what is said of it. */
export function found(item: ShelfItem, search: string): boolean {
  if (search.trim() === '') return true;
  const { name, says } = itemWords(item);
  const words = [name, says, ...(item.kind === 'paint' ? (item.paint.pigments ?? []) : [])]
    .join(' ')
    .toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => words.includes(word));
}

export const KIND_WORDS: Readonly<
  Record<ShelfKind, { readonly one: string; readonly many: string; readonly empty: string }>
> = {
  paint: {
    one: 'paint',
    many: 'Paints',
    empty:
      'Your paints stand here: how each covers, how thick it is, what is left of it. Plans take their colours from this shelf.',
  },
  material: {
    one: 'material',
    many: 'Materials',
    empty:
      'Glue, conditioner, oil, powder: what you own and what differs from the usual. The usual ones are always at hand in a plan.',
  },
  medium: {
    one: 'medium',
    many: 'Mediums',
    empty:
      'Mediums you blend yourself stand here, by parts. The ready ones of the craft are always at hand in a plan.',
  },
  vessel: {
    one: 'cup',
    many: 'Cups',
    empty:
      'Cups of your own, by their measures. The 3, 9 and 16 fl oz paper cups are always at hand in a plan.',
  },
  surface: {
    one: 'blank',
    many: 'Blanks',
    empty:
      'Canvases, panels, tiles that wait to be poured: a plan offers their sizes, and a pour takes one away.',
  },
  finish: {
    one: 'top coat',
    many: 'Top coats',
    empty: 'Varnish and resin stand here, with what is left of them and what they cost.',
  },
  jar: {
    one: 'jar',
    many: 'Jars',
    empty:
      'What was left over or ran off, kept to be poured again. After a pour Potter offers to put it here; silicone in it stays in it.',
  },
};
