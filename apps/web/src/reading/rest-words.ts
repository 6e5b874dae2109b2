import { trim } from '@potter/core/quantity';
import { type Growth, growthOf, type Island, type Watched } from '@potter/core/reading';
import type { ReadAnswer } from '@/workers/read-messages';

/** When a wet picture was taken, and the cells that were read in it; none where it was not read, or cannot tell of cells. */
export interface RestPicture {
  readonly at: number;
  readonly cells: readonly Island[] | undefined;
}

/** What a reading tells of cells. */
export const cellsIn = (answer: ReadAnswer | undefined): RestPicture['cells'] =>
  answer?.cannot.fine ? answer.read.cells.islands : undefined;

const MIN_MS = 60_000;
/** Two pictures tell of a rest where they are apart by no less and no more than this, min. */
const APART_MIN = [1 / 3, 240] as const;
/** A drift shorter than this is none, mm. */
const STILL_MM = 0.5;
/** More new cells than this share of those that were there are told. */
const MORE = 0.1;

export interface Watch extends Watched {
  readonly growth: Growth;
}

/** How cells grew from each picture to the next, where both tell of cells. */
export function watchesOf(pictures: readonly RestPicture[]): Watch[] {
  const inOrder = [...pictures].sort((a, b) => a.at - b.at);
  return inOrder.slice(1).flatMap(({ at, cells }, i): Watch[] => {
    const before = inOrder[i]!;
    const min = (at - before.at) / MIN_MS;
    if (min < APART_MIN[0] || min > APART_MIN[1]) return [];
    if (!cells || !before.cells) return [];
    const growth = growthOf(before.cells, cells);
    return growth ? [{ min, growth }] : [];
  });
}

/** Pictures taken so often tell more together than each from the one before, ms. */
const SPACED_MS = 5 * MIN_MS;

/** Of pictures in their order, those that tell most: the last, the newest that is five minutes before it, and so on, and the first. */
export function spaced(pictures: readonly RestPicture[]): RestPicture[] {
  const tell = pictures.filter(({ cells }) => cells !== undefined);
  const chain: RestPicture[] = [];
  for (let i = tell.length - 1; i >= 0; i--) {
    const after = chain[0]?.at ?? Infinity;
    const far = i === 0 ? APART_MIN[0] * MIN_MS : SPACED_MS;
    if (after - tell[i]!.at >= far) chain.unshift(tell[i]!);
  }
  return chain;
}

const minutes = (min: number): string =>
  min < 1 ? `${trim(60 * min, 0)} s` : `${trim(min, min < 10 ? 1 : 0)} min`;

/** "In 5 min cells grew by 18 %, give or take 3; all of it crept 1.2 mm down." */
export function watchWords({ min, growth }: Watch, before: Watch | undefined): string {
  const { grown, within, pairs, driftMm, opened, closed } = growth;
  const percent = trim(100 * Math.abs(grown), 0);
  const give = Math.max(1, Math.round(100 * within));
  const how =
    Math.abs(grown) <= within
      ? `cells did not grow by more than can be told, ${give} %`
      : `cells ${grown > 0 ? 'grew' : 'shrank'} by ${percent} %, give or take ${give}`;
  const pace = before
    ? growth.grown / min < before.growth.grown / before.min
      ? ', slowing'
      : ', not slowing'
    : '';
  const drift = Math.hypot(...driftMm);
  const crept =
    drift < STILL_MM ? '' : ` All of it crept ${trim(drift, 1)} mm ${wayWords(driftMm)}.`;
  // Which small one is there changes with the light; that there are many more does not.
  const more =
    opened - closed > MORE * pairs ? ` There are ${opened - closed} more than before.` : '';
  return `In ${minutes(min)} ${how}${Math.abs(grown) <= within ? '' : pace}, by ${pairs} that are in both pictures.${more}${crept}`;
}

/** Which way, by the two directions where both count. */
function wayWords([x, y]: readonly [number, number]): string {
  const ways = [
    ...(Math.abs(y) < Math.abs(x) / 2 ? [] : [y > 0 ? 'down' : 'up']),
    ...(Math.abs(x) < Math.abs(y) / 2 ? [] : [x > 0 ? 'to the right' : 'to the left']),
  ];
  return ways.join(' and ');
}
