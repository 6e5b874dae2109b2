import { type CellAsk, cellsOf, opened } from './cell';
import { colourPlate } from './colour';
import { develop, FIRST_LOOK } from './develop';
import { type Dot, layDots } from './dots';
import type { Engine } from './engine';
import type { Palette } from './films';
import { layGrid } from './ground';
import { at, within } from './progress';
import type { PourScene } from './scene';
import type { Look } from './shine';
import { pourOn } from './simulate';
import { soFar } from './so-far';
import { mixesOf } from './strata';

/** Pictures of the way there that are wanted. */
export interface KeyAsk {
  readonly scene: PourScene;
  readonly palette: Palette;
  /** By what cells open in it; none do where absent. */
  readonly opens?: CellAsk;
  /** Cells along the longer side of the film's grid: a coarse one will do, for they are to be recognised at the table, not judged. */
  readonly cells: number;
  /** Longer side of each picture, px. */
  readonly pixels: number;
  /** Their colours alone where nothing is said. */
  readonly look?: Look;
  /** What is set on it once it has dried: each of these is a picture more, after those before it. */
  readonly dots?: readonly (readonly Dot[])[];
  /** Only every so many, from which on: others see to the rest. All of them where absent. */
  readonly share?: { readonly from: number; readonly every: number };
}

/** The piece as it should look after so many turns of its pour, those of dots on it counted on. */
export interface KeyPicture {
  readonly turns: number;
  readonly width: number;
  readonly height: number;
  /** Red, green, blue, alpha of each pixel. */
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
}

/** Places traced at a time. */
const SAMPLES = 16_384;
/** What of the work is the pour itself. */
const POURING = 0.1;

/**
 * The piece before its first turn, and after each, looked at as closely as a first look is. A generator: it yields the share done, and each
 * picture as it comes.
 */
export function* keyPictures(
  { make, makeDye }: Engine,
  { scene, palette, opens, cells, pixels, look, dots = [], share = { from: 0, every: 1 } }: KeyAsk,
): Generator<number | KeyPicture, void> {
  const site = layGrid(scene, cells);
  const kernel = make(site.grid, SAMPLES);
  const pour = yield* within(pourOn(kernel, scene, site), 0, POURING);
  const mixOf = mixesOf(scene);
  const poured = pour.turns.length;
  const all = poured + dots.length + 1;
  for (let turns = share.from; turns < all; turns += share.every) {
    const done = POURING + (1 - POURING) * (turns / all);
    const then = soFar(pour, Math.min(turns, poured));
    const bare = yield* at(done, develop(then, kernel, pixels, FIRST_LOOK));
    const paintCells = opens && (yield* at(done, cellsOf(then, kernel, opens)));
    const open = (paintCells?.cells.length ?? 0) > 0;
    const plate = open ? yield* at(done, opened(bare, paintCells!)) : bare;
    const dry = turns > poured ? 'dry' : look;
    const rgba = yield* at(done, colourPlate(plate, mixOf, palette, dry, makeDye));
    layDots({ ...plate, rgba }, dots.slice(0, Math.max(0, turns - poured)).flat(), palette);
    yield { turns, width: plate.width, height: plate.height, rgba };
  }
}
