import type { Factors } from '../../factor';
import { byRows } from '../by-rows';
import type { Drilling } from '../cores';
import { develop } from '../develop';
import type { FilmKernel } from '../kernel';
import { at } from '../progress';
import type { Pour } from '../simulate';
import { splitIn } from './columns-split';
import { courseOf } from './course';
import { nucleate } from './nuclei';
import type { Cells } from './paint-cell';
import type { Makeup } from './pile';
import { mayOpen, type Ripe, ripen } from './ripen';
import type { Split } from './split';

export { opened } from './opened';
export { type OpenAsk, type OpenBeside, openedByTwo, openedFor } from './opened-beside';
export { type CellsThen, type CellsTold, tellCells } from './told';
export { turnedFrom } from './turned-from';
export type { Cells, PaintCell } from './paint-cell';
export type { Makeup } from './pile';

/** What cells are asked by: what a pour's mixes are made of, and factors. */
export interface CellAsk {
  readonly makeups: Readonly<Record<string, Makeup>>;
  readonly factors: Factors;
}

/** Cells of the film between places whose columns are looked at for cells. */
const PITCH = 2;
/** Closely at the top, where a split takes least. */
const DRILLED: Drilling = {
  heights: [1, 0.97, 0.9, 0.78, 0.55, 0.2],
  halvings: 1,
  closer: 0,
  unlike: 1,
};

/**
 * Finds the cells of a pour: the same ones whatever size of picture they are for. A generator: it yields the share done.
 */
export function* cellsOf(
  pour: Pour,
  kernel: FilmKernel,
  { makeups, factors }: CellAsk,
): Generator<number, Cells> {
  const { scene, site } = pour;
  const pixels = Math.round(Math.max(scene.widthMm, scene.heightMm) / (PITCH * site.cellMm));
  const plate = yield* develop(pour, kernel, pixels, DRILLED);
  const { width, height } = plate;
  const places = { pitchMm: 1 / plate.pxPerMm, across: width, down: height };
  const split = splitIn(pour, plate, makeups, factors);
  const splits: (Split | undefined)[] = [];
  yield* at(
    0.7,
    byRows(height, (y) => {
      for (let x = 0; x < width; x++) splits.push(split(y * width + x));
    }),
  );
  const wanted = splits.flatMap((own, place) => (own ? [place] : []));
  if (wanted.length === 0) return { cells: [], factors };
  const course = yield* courseOf(pour, kernel, places, wanted);
  const mostUm = highestUm(pour);
  const ripe = new Array<Ripe | undefined>(splits.length);
  yield* at(
    0.9,
    byRows(height, (y) => {
      for (let place = y * width; place < (y + 1) * width; place++) {
        const own = splits[place];
        if (own && mayOpen(own, mostUm, factors))
          ripe[place] = ripen(pour, course, place, own, factors);
      }
    }),
  );
  return { cells: yield* at(1, nucleate(places, ripe, scene.seed)), factors };
}

/** The highest the film stood at the end of any turn, µm. */
const highestUm = ({ turns }: Pour): number =>
  turns.reduce((most, { um }) => um.reduce((a, b) => Math.max(a, b), most), 0);
