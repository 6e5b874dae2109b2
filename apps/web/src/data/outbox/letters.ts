import type { Former, Settings } from '@potter/contract';
import type { Run } from '@potter/core/journal';
import type { Reaction } from '@potter/core/paint';
import type { Piece } from '@potter/core/piece';
import { type ShelfItem, shelfId, shelfName } from '@potter/core/stock';
import { newId } from '../new-id';
import type { Posted } from './letter';

const runPath = (id: string) => `/api/runs/${encodeURIComponent(id)}`;
const seen = (was: Former | undefined) => (was ? { was } : {});

/** A pour as it is now, of one that was so. */
export const runLetter = (run: Run, was?: Former): Posted => ({
  about: `run.${run.id}`,
  method: 'PUT',
  path: runPath(run.id),
  body: run,
  change: true,
  ...seen(was),
  names: `The pour of ${run.plan.title}`,
});

/** A pour struck out. */
export const strikeLetter = (run: Run): Posted => ({
  about: `run.${run.id}`,
  method: 'DELETE',
  path: runPath(run.id),
  names: `Striking out the pour of ${run.plan.title}`,
});

const piecePath = (id: string) => `/api/pieces/${encodeURIComponent(id)}`;

/** A piece as it is now, of one that was so. */
export const pieceLetter = (piece: Piece, was?: Former): Posted => ({
  about: `piece.${piece.id}`,
  method: 'PUT',
  path: piecePath(piece.id),
  body: piece,
  change: true,
  ...seen(was),
  names: piece.title,
});

/** A piece without a pour taken out of the journal. */
export const outOfJournalLetter = (piece: Piece): Posted => ({
  about: `piece.${piece.id}`,
  method: 'DELETE',
  path: piecePath(piece.id),
  names: `Taking out ${piece.title}`,
});

export const picturePath = (id: string): string => `/api/pictures/${encodeURIComponent(id)}`;

/** A picture under the id that documents name it by. */
export const pictureLetter = (id: string, picture: Blob): Posted => ({
  about: `picture.${id}`,
  method: 'PUT',
  path: picturePath(id),
  body: picture,
  names: 'A picture',
});

/** How the studio likes things. */
export const settingsLetter = (settings: Settings, was: Former): Posted => ({
  about: 'settings',
  method: 'PUT',
  path: '/api/settings',
  body: settings,
  change: true,
  was,
  names: 'A setting',
});

const shelfPath = (item: ShelfItem): string =>
  `/api/shelf/${item.kind}/${encodeURIComponent(shelfId(item))}`;
const aboutShelf = (item: ShelfItem): string => `shelf.${item.kind}.${shelfId(item)}`;

/** A thing on the shelf as it is now, of one that was so. */
export const shelfLetter = (item: ShelfItem, was?: Former): Posted => ({
  about: aboutShelf(item),
  method: 'PUT',
  path: shelfPath(item),
  body: item,
  change: true,
  ...seen(was),
  names: shelfName(item),
});

/** A thing taken off the shelf. */
export const offShelfLetter = (item: ShelfItem): Posted => ({
  about: aboutShelf(item),
  method: 'DELETE',
  path: shelfPath(item),
  names: `Taking ${shelfName(item)} off the shelf`,
});

/** Where tables of things go on, and off. */
export const TABLE_ON = '/api/shelf';
export const TABLE_OFF = '/api/shelf/off';

/** A whole table of things put on the shelf, or taken off it: all or none. */
export const tableLetter = (
  path: typeof TABLE_ON | typeof TABLE_OFF,
  items: readonly ShelfItem[],
): Posted => ({
  about: `table.${newId()}`,
  method: 'POST',
  path,
  body: { items },
  names: `A table of ${items.length} ${items.length === 1 ? 'thing' : 'things'}`,
});

const reactionPath = (id: string) => `/api/reactions/${encodeURIComponent(id)}`;

/** What did not get on. */
export const reactionLetter = (reaction: Reaction): Posted => ({
  about: `reaction.${reaction.id}`,
  method: 'PUT',
  path: reactionPath(reaction.id),
  body: reaction,
  names: 'A note of paints that clash',
});

export const dropReactionLetter = ({ id }: Reaction): Posted => ({
  about: `reaction.${id}`,
  method: 'DELETE',
  path: reactionPath(id),
  names: 'Taking out a note of paints that clash',
});
