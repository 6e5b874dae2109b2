import { type CellAsk, cellsOf, opened } from './cell';
import { colourPlate } from './colour';
import { develop } from './develop';
import type { Engine } from './engine';
import type { Palette } from './films';
import { layGrid } from './ground';
import { within } from './progress';
import type { PourScene } from './scene';
import { pourOn } from './simulate';
import { mixesOf } from './strata';

/** A pour that is to be watched at rest. */
export interface RestAsk {
  readonly scene: PourScene;
  readonly palette: Palette;
  readonly opens: CellAsk;
  /** Longer side of each picture, px. */
  readonly pixels: number;
  /** Cells along the longer side of the film's grid, as usual where it says nothing. */
  readonly cells?: number;
}

/** The piece as it looks at some time of its rest. */
export interface RestPicture {
  readonly width: number;
  readonly height: number;
  /** Red, green, blue, alpha of each pixel. */
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
}

/** Places traced at a time. */
const SAMPLES = 65_536;
/** What of the work is the pour itself; what, with that, is looking at it. */
const POURED = 0.3;
const LOOKED_AT = 0.7;

/**
 * A pour after its last move, left alone: what it gives looks at it after so long, s. Only its cells go on; what the film does at rest is over by then. A
 * generator: it yields the share done.
 */
export function* atRest(
  { make, makeDye }: Engine,
  { scene, palette, opens, pixels, cells: across }: RestAsk,
): Generator<number, (leftForS: number) => RestPicture> {
  const site = layGrid(scene, across);
  const kernel = make(site.grid, SAMPLES);
  const pour = yield* within(pourOn(kernel, scene, site), 0, POURED);
  const plate = yield* within(develop(pour, kernel, pixels), POURED, LOOKED_AT);
  const cells = yield* within(cellsOf(pour, kernel, opens), LOOKED_AT, 1);
  return (leftForS) => {
    const open = ended(opened(plate, cells, leftForS));
    const rgba = ended(colourPlate(open, mixesOf(scene), palette, undefined, makeDye));
    return { width: plate.width, height: plate.height, rgba };
  };
}

function ended<T>(work: Generator<unknown, T>): T {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}
