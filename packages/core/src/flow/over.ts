import { decode, encode } from '../optics/srgb';
import { BANDS } from '../optics/observer';
import { birthsKey } from './births-key';
import { type CellAsk, type Cells, cellsOf, opened } from './cell';
import { colourPlate } from './colour';
import { develop, FIRST_LOOK, type Plate } from './develop';
import type { Dot } from './dots';
import type { Engine } from './engine';
import type { Palette } from './films';
import { layGrid } from './ground';
import type { FilmKernel } from './kernel';
import { at } from './progress';
import type { PourScene } from './scene';
import type { Look } from './shine';
import { type Pour, pourOn } from './simulate';
import { mixesOf } from './strata';

/** A pour on what has dried. */
export interface Over {
  readonly scene: PourScene;
  /** The stage of its piece it is. */
  readonly stage: number;
  /** So many moves of dots came before it, and lie under it. */
  readonly dots: number;
}

/** What comes on a pour that has dried, in its order: the dots of a move, or another pour. */
export type Layer<O extends Over> = { readonly dots: readonly Dot[] } | { readonly over: O };

export const layersOf = <O extends Over>(
  dots: readonly (readonly Dot[])[],
  over: readonly O[],
): readonly Layer<O>[] => [
  ...over.flatMap((one, k): Layer<O>[] => [
    ...dots.slice(over[k - 1]?.dots ?? 0, one.dots).map((of) => ({ dots: of })),
    { over: one },
  ]),
  ...dots.slice(over.at(-1)?.dots ?? 0).map((of) => ({ dots: of })),
];

/** What a later pour came to, kept while only colours change. */
export interface PouredOver {
  readonly key: string;
  readonly pour: Pour;
  readonly kernel: FilmKernel;
  readonly cells?: Cells;
  /** With its cells open. */
  readonly plate: Plate;
}

/** Pours on what has dried, and develops it as finely as the picture it goes on; `known` where that has been done before. */
export function* pouredOver(
  { engine, samples }: { readonly engine: Engine; readonly samples: number },
  { scene }: Over,
  pixels: number,
  {
    cells,
    opens,
    quick,
  }: { readonly cells?: number; readonly opens?: CellAsk; readonly quick?: true },
  known: readonly PouredOver[],
): Generator<number, PouredOver> {
  const key = JSON.stringify([cells, birthsKey(scene), mixesOf(scene), opens, pixels, quick]);
  const had = known.find((one) => one.key === key);
  if (had) return had;
  const site = layGrid(scene, cells);
  const kernel = engine.make(site.grid, samples);
  const pour = yield* at(0, pourOn(kernel, scene, site));
  const plate = yield* at(1, develop(pour, kernel, pixels, quick && FIRST_LOOK));
  const open = opens && (yield* at(1, cellsOf({ ...pour, scene }, kernel, opens)));
  return {
    key,
    pour,
    kernel,
    ...(open ? { cells: open } : {}),
    plate: open?.cells.length ? yield* at(1, opened(plate, open)) : plate,
  };
}

const BLACK = new Float64Array(BANDS);
const WHITE = new Float64Array(BANDS).fill(1);

/**
 * Lays a later pour on a picture, in place. Its film is coloured over black and over white: what comes back over a ground g is B + (W − B)·g, but for the light
 * that goes to and fro between the two.
 */
export function* layOver(
  rgba: Uint8ClampedArray,
  plate: Plate,
  scene: PourScene,
  palette: Palette,
  look: Look | undefined,
  makeDye: Engine['makeDye'],
): Generator<number, void> {
  const seenOn = (ground: Float64Array) =>
    at(1, colourPlate(plate, mixesOf(scene), { ...palette, ground }, look, makeDye));
  const [black, white] = [yield* seenOn(BLACK), yield* seenOn(WHITE)];
  for (let i = 0; i < rgba.length; i++) {
    if (i % 4 === 3) continue;
    const [b, w] = [decode(black[i]! / 255), decode(white[i]! / 255)];
    rgba[i] = 255 * encode(Math.min(1, b + (w - b) * decode(rgba[i]! / 255)));
  }
}
