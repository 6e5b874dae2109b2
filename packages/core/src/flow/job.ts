import { hexesOf, type PictureRead, readPicture } from '../reading';
import { birthsKey } from './births-key';
import type { Drilling } from './cores';
import { type CellAsk, type Cells, cellsOf, openedByTwo } from './cell';
import { colourPlate } from './colour';
import { develop, FIRST_LOOK, MEANWHILE, type Plate, wholeAt } from './develop';
import { type Dot, layDots } from './dots';
import { type Contour, contoursOf } from './contours';
import type { MakeDye } from './dye';
import type { Engine } from './engine';
import { firstLookAt, type FirstLook } from './first-look';
import { filmMap } from './film-map';
import type { Palette } from './films';
import { layGrid } from './ground';
import type { Help, Helper } from './help';
import type { FilmKernel } from './kernel';
import { type Outcome, settledOf } from './outcome';
import { layersOf, layOver, type Over, type PouredOver, pouredOver } from './over';
import { mixColours } from './planned';
import { at, within } from './progress';
import type { PourScene } from './scene';
import { seenShares } from './seen-shares';
import { spareMemory } from './motion-memory';
import { motionsOf, type Pour, pourOn } from './simulate';
import { awaited, type Promised } from './share-out';
import type { Look } from './shine';
import { mixesOf } from './strata';

/** A preview that is wanted. */
export interface PourAsk {
  readonly scene: PourScene;
  readonly palette: Palette;
  /** Longer side of each picture, px, coarse to fine. */
  readonly pixels: readonly number[];
  /** As it is seen, or the film as a map; its colours alone where nothing is said. */
  readonly view?: Look | 'film';
  /** Cells along the longer side of the film's grid; pictures of one plan all use the usual. */
  readonly cells?: number;
  /** By what cells open in it; none do where absent. */
  readonly opens?: CellAsk;
  /** What is set on it once it has dried, move by move; on a map of its film it is left out. */
  readonly dots?: readonly (readonly Dot[])[];
  /** What is poured on it once it has dried, in that order: in its finest picture and what came of it, but on no map of its film. */
  readonly over?: readonly Over[];
  /** Only looked at as closely as a first look is: several pours are to be told apart, not one judged. */
  readonly quick?: true;
  /** Somebody waits for it: there is to be something to see while the pour itself is computed. */
  readonly soon?: FirstLook;
}

export type Doing = 'pouring' | 'looking';

/** What a job tells as it goes; a bare number is the share done of what it does, 0..1. */
export type Told =
  | number
  | { readonly kind: 'doing'; readonly doing: Doing }
  | {
      readonly kind: 'picture';
      readonly width: number;
      readonly height: number;
      /** Red, green, blue, alpha of each pixel. */
      readonly rgba: Uint8ClampedArray<ArrayBuffer>;
      /** Lines of equal height, where it is a map. */
      readonly contours?: readonly Contour[];
      /** No finer one follows. */
      readonly finished: boolean;
    }
  /** What came of it, after each picture. */
  | { readonly kind: 'outcome'; readonly outcome: Outcome };

/**
 * What a host keeps between jobs: the last pour and its finest plate. Where only colours changed nothing is poured or traced anew; where
 * more did, the old pour's memory becomes the new one's. One bench serves one job at a time.
 */
export interface Workbench {
  readonly engine: Engine;
  /** Places traced at a time. */
  readonly samples: number;
  /** Who takes a part of the work, where somebody does. */
  readonly helper?: Helper;
  poured?: {
    readonly key: string;
    readonly pour: Pour;
    readonly kernel: FilmKernel;
    /** Who helps with it, and which cells they look for. */
    readonly help?: Help;
    readonly helpedWith?: string;
  };
  /** Its cells, by what was asked of them; and its finest plate, without them and with them, looked at so closely. */
  cells?: { readonly key: string; readonly cells: Cells };
  plate?: {
    readonly key: string;
    readonly pixels: number;
    readonly drilling: Drilling;
    readonly plate: Plate;
    readonly opened?: { readonly cells: Cells; readonly plate: Plate };
  };
  /** Pours on what had dried. */
  over?: readonly PouredOver[];
}

/** Places traced at a time, where nothing else is said. */
export const SAMPLES = 65_536;

export const workbench = (engine: Engine, samples = SAMPLES, helper?: Helper): Workbench => ({
  engine,
  samples,
  ...(helper ? { helper } : {}),
});

/**
 * Simulates, develops, colours and judges a pour. Free of any host: a page's worker, a server's thread and a command all run it to
 * its end, or stop asking. Keyed by scene, seed and grid (see `birthsKey`) and pixels: what stands on the bench under its key is used.
 */
export function* pourJob(bench: Workbench, ask: PourAsk): Generator<Told, void> {
  const { scene, cells, pixels, soon } = ask;
  const key = `${cells ?? ''}${birthsKey(scene)}`;
  const finest = pixels.at(-1) ?? 0;
  const have = bench.plate?.key === key ? bench.plate : undefined;
  /** What there is is not as fine as this, or not drilled through at as many heights. */
  const wanted = pixels.filter(
    (wide) =>
      !have ||
      have.pixels < wide ||
      have.drilling.heights.length < drillingAt(ask, wide).heights.length,
  );
  const serves = !wanted.includes(finest);
  yield { kind: 'doing', doing: bench.poured?.key === key ? 'looking' : 'pouring' };
  // Same births, other colours: what is developed is coloured anew, at once.
  if (have && bench.poured) yield* judged(bench, ask, serves);
  if (serves) return;
  if (bench.poured?.key === key) return yield* pictures(bench, ask, key, wanted);

  const spare = bench.poured && !bench.helper ? motionsOf(bench.poured.pour) : [];
  bench.poured = undefined;
  bench.cells = undefined;
  bench.plate = undefined;
  const look = soon && soon.pixels < finest ? soon : undefined;
  const help = bench.helper?.begin({ scene, ...(look ? { soon: look } : {}) });
  function* job(): Generator<Told, void> {
    yield* poured(bench, ask, key, help, spare);
    yield* pictures(bench, ask, key, pixels);
  }
  yield* look ? withFirstLook(bench, ask, look, job(), help?.soon) : job();
}

/** What share of looking closer is done once a picture is developed, and once its cells are open. */
const DEVELOPED = 0.75;
const OPENED = 0.95;

/** How closely a picture of so many pixels is drilled through. What a finer one takes the place of is so less closely: both are there the sooner. */
const drillingAt = ({ quick, pixels }: PourAsk, wide: number): Drilling =>
  quick ? FIRST_LOOK : wide < pixels.at(-1)! ? MEANWHILE : wholeAt(wide);

/** Pours it; the pour is on the bench then. */
function* poured(
  bench: Workbench,
  ask: PourAsk,
  key: string,
  help: Help | undefined,
  spare: readonly Int16Array[],
): Generator<Told, void> {
  const { scene, cells } = ask;
  const site = layGrid(scene, cells);
  const kernel = bench.engine.make(site.grid, bench.samples);
  const pour = yield* pourOn(kernel, scene, site, help?.memory ?? spareMemory(spare));
  help?.poured(pour, ask.opens);
  bench.poured = help
    ? { key, pour: { ...pour, beside: help }, kernel, help, helpedWith: cellsKey(ask) }
    : { key, pour, kernel };
  yield { kind: 'doing', doing: 'looking' };
}

/** Pictures of the pour on the bench, so large. */
function* pictures(
  bench: Workbench,
  ask: PourAsk,
  key: string,
  sizes: readonly number[],
): Generator<Told, void> {
  const { pour, kernel, help } = bench.poured!;
  for (const pixels of sizes) {
    const drilling = drillingAt(ask, pixels);
    const plate = yield* within(
      develop(pour, kernel, pixels, drilling, help?.columns),
      0,
      DEVELOPED,
    );
    bench.plate = { key, pixels, drilling, plate };
    yield* judged(bench, ask, pixels === ask.pixels.at(-1));
  }
}

/**
 * A job, and a first look as soon as whoever helps has one, unless it has a picture of its own by then. With nobody to help, whoever waits for
 * the first look has the machine to himself.
 */
function* withFirstLook(
  { engine, samples }: Workbench,
  ask: PourAsk,
  look: FirstLook,
  job: Generator<Told, void>,
  promised: Promised<Plate> = () => 'lost',
): Generator<Told, void> {
  let waits = true;
  // How far the job is: it does not get farther by being looked at.
  let share = 0;
  for (;;) {
    const found: Plate | 'lost' | undefined = waits ? promised() : undefined;
    if (found) {
      const plate =
        found === 'lost' ? yield* at(share, firstLookAt(engine, samples, ask.scene, look)) : found;
      const rgba = yield* at(share, colouredBy(engine.makeDye, ask, plate));
      yield pictureOf(ask, plate, rgba, false);
      waits = false;
    }
    const step = job.next();
    if (step.done) return;
    if (typeof step.value === 'number') share = step.value;
    else if (step.value.kind === 'picture') waits = false;
    yield step.value;
  }
}

/**
 * Colours what is developed and judges it, its cells open. The pour may be an older one with the same births, whose corners are the same too.
 */
function* judged(bench: Workbench, ask: PourAsk, finished: boolean): Generator<Told, void> {
  const cells = yield* cellsOn(bench, ask);
  const plate = yield* openOn(bench, cells);
  const later = finished ? yield* pouredLater(bench, ask, plate) : [];
  const rgba = yield* colouredBy(bench.engine.makeDye, ask, plate, later);
  // Looked at first and read then, once no finer one follows; by its own copy, for whoever takes a picture may take its memory.
  const kept = finished && ask.view !== 'film' ? rgba.slice() : undefined;
  yield pictureOf(ask, plate, rgba, finished);
  const read: PictureRead | undefined =
    kept &&
    readPicture(
      { rgba: kept, width: plate.width, height: plate.height, pxPerMm: plate.pxPerMm },
      mixColours(ask.palette).flatMap(hexesOf),
    );
  const pours = [{ scene: ask.scene, plate }, ...later];
  const outcome: Outcome = {
    ...settledOf(bench.poured!.pour, cells),
    shows: seenShares(
      pours.map((one) => ({ plate: one.plate, mixOf: mixesOf(one.scene) })),
      ask.palette,
    ),
    ...(later.length > 0
      ? { later: later.map((one) => ({ stage: one.stage, ...settledOf(one.pour, one.cells) })) }
      : {}),
    ...(read ? { read } : {}),
  };
  yield { kind: 'outcome', outcome };
}

/** All that is poured on the pour on the bench once it has dried, developed as finely as it is; kept there. */
function* pouredLater(
  bench: Workbench,
  ask: PourAsk,
  { width, height }: Plate,
): Generator<number, (Over & PouredOver)[]> {
  const { over = [] } = ask;
  const poured: PouredOver[] = [];
  for (const one of over)
    poured.push(
      yield* pouredOver(bench, one, Math.max(width, height), ask, [
        ...poured,
        ...(bench.over ?? []),
      ]),
    );
  bench.over = poured;
  return over.map((one, n) => ({ ...poured[n]!, ...one }));
}

/** The cells of the pour on the bench, if any are asked for. */
function* cellsOn(bench: Workbench, ask: PourAsk): Generator<number, Cells | undefined> {
  const { opens, scene } = ask;
  if (!opens) return undefined;
  const key = cellsKey(ask);
  if (bench.cells?.key !== key) {
    const { pour, kernel, help, helpedWith } = bench.poured!;
    const theirs = help && helpedWith === key ? yield* awaited(help.cells) : 'lost';
    const cells =
      theirs === 'lost' ? yield* at(DEVELOPED, cellsOf({ ...pour, scene }, kernel, opens)) : theirs;
    bench.cells = { key, cells };
  }
  return bench.cells.cells;
}

const cellsKey = ({ scene, opens }: PourAsk): string => JSON.stringify([mixesOf(scene), opens]);

/** The plate on the bench with these cells open. */
function* openOn(bench: Workbench, cells: Cells | undefined): Generator<number, Plate> {
  const { plate, opened: had, ...rest } = bench.plate!;
  if (!cells || cells.cells.length === 0) return plate;
  if (had?.cells === cells) return had.plate;
  const open = yield* within(
    openedByTwo(plate, cells, bench.poured?.help?.opened),
    DEVELOPED,
    OPENED,
  );
  bench.plate = { ...rest, plate, opened: { cells, plate: open } };
  return open;
}

/** The colours of a plate, or its film as a map; with all that comes on it later. */
function* colouredBy(
  makeDye: MakeDye,
  { scene, palette, view, dots = [] }: PourAsk,
  plate: Plate,
  later: readonly (Over & PouredOver)[] = [],
): Generator<number, Uint8ClampedArray<ArrayBuffer>> {
  if (view === 'film') return filmMap(plate);
  // What has dried under a later pour shines no more: that pour does.
  const look = later.length > 0 ? undefined : view;
  const rgba = yield* within(colourPlate(plate, mixesOf(scene), palette, look, makeDye), OPENED, 1);
  const picture = { ...plate, rgba };
  for (const layer of layersOf(dots, later)) {
    if ('dots' in layer) {
      layDots(picture, layer.dots, palette);
      continue;
    }
    const { over: one } = layer;
    const top = one === later.at(-1) ? view : undefined;
    yield* layOver(rgba, one.plate, one.scene, palette, top, makeDye);
  }
  return rgba;
}

const pictureOf = (
  { view }: PourAsk,
  plate: Plate,
  rgba: Uint8ClampedArray<ArrayBuffer>,
  finished: boolean,
): Told => ({
  kind: 'picture',
  width: plate.width,
  height: plate.height,
  rgba,
  ...(view === 'film' ? { contours: contoursOf(plate) } : {}),
  finished,
});

/** What came of a job that was run to its end. */
export interface Finished {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
  readonly outcome: Outcome;
}

/** Runs a job to its end and returns its last picture and outcome; `tell` hears the share done meanwhile. */
export function finish(
  bench: Workbench,
  ask: PourAsk,
  tell: (share: number) => void = () => undefined,
): Finished {
  let picture: Extract<Told, { kind: 'picture' }> | undefined;
  let outcome: Outcome | undefined;
  for (const told of pourJob(bench, ask))
    if (typeof told === 'number') tell(told);
    else if (told.kind === 'picture') picture = told;
    else if (told.kind === 'outcome') outcome = told.outcome;
  if (!picture || !outcome) throw new RangeError('no picture was asked for');
  const { width, height, rgba } = picture;
  return { width, height, rgba, outcome };
}

/** The same pour over several seeds, one after the other on one bench: what the hand's luck makes of it. */
export function* pourSeeds(
  bench: Workbench,
  ask: PourAsk,
  seeds: readonly number[],
): Generator<{ readonly seed: number; readonly finished: Finished }, void> {
  for (const seed of seeds)
    yield { seed, finished: finish(bench, { ...ask, scene: { ...ask.scene, seed } }) };
}
