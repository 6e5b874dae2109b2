import { cannotTell, readClosely } from '@potter/core/reading';
import { expose } from 'comlink';
import type { ReadAnswer, ReadAsk } from './read-messages';
import { squaredFace } from './squared-face';

/** A computed picture lacks nothing a camera may lack. */
const NOTHING_LACKS = { nothing: false, fine: true, says: [] };

/** Reads pictures of pieces away from the screen. */
async function read(ask: ReadAsk): Promise<ReadAnswer | undefined> {
  if (ask.kind === 'computed') {
    const picture = { ...ask, pxPerMm: ask.width / ask.face.widthMm };
    return {
      read: readClosely(picture, ask.planned, { light: 'known' }),
      cannot: NOTHING_LACKS,
      light: 'computed',
    };
  }
  const squared = await squaredFace(ask);
  if (!squared) return undefined;
  const { light, taken, ...picture } = squared;
  const told = readClosely(picture, ask.planned, {
    light: light === 'white' || light === 'grey' ? 'known' : 'fitted',
    shiny: ask.shiny,
    told: ask.told ?? [],
    cells: ask.cells ?? [],
  });
  return { read: told, cannot: cannotTell(taken, told), light };
}

expose(read);
