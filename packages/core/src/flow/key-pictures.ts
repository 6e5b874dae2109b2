import { type CellAsk, cellsOf, opened } from './cell';
import { colourPlate } from './colour';
import { develop, FIRST_LOOK, type Plate } from './develop';
import { type Dot, layDots } from './dots';
import type { Engine } from './engine';
import type { Palette } from './films';
import { layGrid } from './ground';
import type { FilmKernel } from './kernel';
import { type Layer, layersOf, layOver, type Over } from './over';
import { at, within } from './progress';
import type { PourScene } from './scene';
import type { Look } from './shine';
import { type Pour, pourOn } from './simulate';
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
  /** What is poured on it once it has dried: each of its turns a picture more, in the order of all that comes later. */
  readonly over?: readonly Over[];
  /** Only every so many, from which on: others see to the rest. All of them where absent. */
  readonly share?: { readonly from: number; readonly every: number };
}

/** The piece as it should look after so many turns of its pour, those of what comes on it later counted on. */
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

/** A pour that has been poured, and what it was poured with. */
interface Poured {
  readonly scene: PourScene;
  readonly pour: Pour;
  readonly kernel: FilmKernel;
}

/** A pour as it is seen. */
interface Seen {
  readonly plate: Plate;
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
}

/**
 * The piece before its first turn, and after each, looked at as closely as a first look is. A generator: it yields the share done, and each
 * picture as it comes.
 */
export function* keyPictures(engine: Engine, ask: KeyAsk): Generator<number | KeyPicture, void> {
  const { palette, look, share = { from: 0, every: 1 } } = ask;
  const first = yield* within(pouredOn(engine, ask.scene, ask.cells), 0, POURING);
  const layers: (Layer<Over> & { readonly poured?: Poured; readonly turns: number })[] = [];
  for (const layer of layersOf(ask.dots ?? [], ask.over ?? [])) {
    if ('dots' in layer) layers.push({ ...layer, turns: 1 });
    else {
      const poured = yield* at(POURING, pouredOn(engine, layer.over.scene, ask.cells));
      layers.push({ ...layer, poured, turns: poured.pour.turns.length });
    }
  }
  const turned = first.pour.turns.length;
  const all = turned + layers.reduce((sum, { turns }) => sum + turns, 1);
  const seen = function* (turns: number, as: Look | undefined): Generator<unknown, Seen> {
    const plate = yield* plateOf(first, turns, ask);
    const mixOf = mixesOf(first.scene);
    return { plate, rgba: yield* colourPlate(plate, mixOf, palette, as, engine.makeDye) };
  };
  let dried: Seen | undefined;
  for (let turns = share.from; turns < all; turns += share.every) {
    const done = POURING + (1 - POURING) * (turns / all);
    if (turns > turned) dried ??= yield* at(done, seen(turned, 'dry'));
    const { plate, rgba } = dried
      ? { ...dried, rgba: dried.rgba.slice() }
      : yield* at(done, seen(turns, look));
    let left = turns - turned;
    for (const layer of layers) {
      if (left <= 0) break;
      const { poured } = layer;
      if ('dots' in layer) layDots({ ...plate, rgba }, layer.dots, palette);
      else if (poured) {
        // The pour that is on the table just then is as wet as is asked for.
        const top = left <= layer.turns ? look : undefined;
        const over = yield* at(done, plateOf(poured, Math.min(left, layer.turns), ask));
        yield* at(done, layOver(rgba, over, poured.scene, palette, top, engine.makeDye));
      }
      left -= layer.turns;
    }
    yield { turns, width: plate.width, height: plate.height, rgba };
  }
}

function* pouredOn(engine: Engine, scene: PourScene, cells: number): Generator<number, Poured> {
  const site = layGrid(scene, cells);
  const kernel = engine.make(site.grid, SAMPLES);
  return { scene, kernel, pour: yield* pourOn(kernel, scene, site) };
}

/** A pour as it stood after so many of its turns, its cells open. */
function* plateOf(
  { pour, kernel }: Poured,
  turns: number,
  { opens, pixels }: KeyAsk,
): Generator<unknown, Plate> {
  const then = soFar(pour, turns);
  const bare = yield* develop(then, kernel, pixels, FIRST_LOOK);
  const cells = opens && (yield* cellsOf(then, kernel, opens));
  return cells?.cells.length ? yield* opened(bare, cells) : bare;
}
