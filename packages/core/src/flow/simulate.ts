import { type Act, actOf, type UnderWay } from './act';
import type { Spot } from './disc';
import { layGround, type Site } from './ground';
import { DRY_M, type Floats } from './film';
import type { FilmKernel } from './kernel';
import { SOLID_NU } from './layers';
import { marginOf } from './margin';
import type { Grid } from './grid';
import { halve } from './motion';
import { type MotionMemory, spareMemory } from './motion-memory';
import type { PourScene } from './scene';
import type { Beside } from './share-out';
import type { Step } from './step';
import { takenM3 } from './taken';
import { sideBySide, turnsOf } from './together';

/** What happened to a film, in order, and where it ended. */
export interface Pour {
  readonly scene: PourScene;
  readonly site: Site;
  readonly steps: readonly Step[];
  /** The turns it took, in order; see `PourScene.turns`. */
  readonly turns: readonly TurnTaken[];
  /** Wet height at the end, m, cell by cell. */
  readonly h: Float32Array;
  /** The step in which each cell was first wet; beyond all of them where it never was. */
  readonly firstWet: Uint32Array;
  /** What ran off each of `SIDES`, mL: over the edge and not on it, or beside the surface from the first. */
  readonly spiltMl: readonly [number, number, number, number];
  /** What the sides hold, mL. */
  readonly edgesMl: number;
  readonly laidMl: number;
  /** What was taken off again: stayed on a sheet, or went with a cloth or a knife. */
  readonly takenMl: number;
  readonly missed: readonly Missed[];
  readonly onSides: readonly PutOnSides[];
  /** Who traces it beside whoever does. */
  readonly beside?: Beside;
}

/** A turn that is over. */
interface TurnTaken {
  /** Which of the scene's acts it was. */
  readonly acts: readonly number[];
  readonly s: number;
  /** Steps done by its end. */
  readonly upTo: number;
  /** Wet height at its end, µm, cell by cell. */
  readonly um: Uint16Array;
}

/** Paint of an act that was put on the sides, and how many steps had been done by then. */
interface PutOnSides {
  readonly source: number;
  readonly m3: number;
  readonly since: number;
}

/** Paint of an act that landed beside the surface, and where its disc stood. */
export interface Missed extends Spot {
  readonly source: number;
  readonly m3: number;
}

/** Of `Pour.firstWet`: no step was the first. */
const NEVER = 0xffffffff;

/** What the motions of a pour may take up, bytes: ten times what a long plan's do. */
const MOST_BYTES = 400e6;

/** As many acts as a birth's source can tell apart, `NONE` left out; a plan of 400 moves needs two or three for each. */
export const MOST_ACTS = 0xfffe;

/**
 * Pours a scene on a site. A generator: it yields the share done, 0..1, after each step and returns the pour; stop
 * asking and it stops. The kernel's film is cleared first; the same kernel may then trace the pour.
 * @param memory where its motions are kept; each in one of its own where nothing is said
 * @param mostBytes what its motions may take up; beyond, they are kept more coarsely
 * @throws RangeError for more than `MOST_ACTS`, and for motions that take up more even so
 */
export function* pourOn(
  kernel: FilmKernel,
  scene: PourScene,
  site: Site,
  memory: MotionMemory = spareMemory([]),
  mostBytes = MOST_BYTES,
): Generator<number, Pour> {
  if (scene.acts.length > MOST_ACTS)
    throw new RangeError(`a pour holds ${MOST_ACTS} acts at the most, not ${scene.acts.length}`);
  const { film } = kernel;
  film.h.fill(0);
  film.lower.fill(0);
  film.lnNu.fill(Math.log(scene.nu));
  film.source.fill(0);
  layGround(film, site, scene);
  const steps: Step[] = [];
  const firstWet = new Uint32Array(film.h.length).fill(NEVER);
  const dry = dryOf(site);
  const margin = marginOf(film, site, scene);
  const missedM3 = [0, 0, 0, 0];
  const missed: Missed[] = [];
  const onSides: PutOnSides[] = [];
  let laidM3 = 0;
  const layered =
    scene.nuOf !== undefined ||
    (scene.drinksMm ?? 0) > 0 ||
    scene.acts.some((act) => actOf(act).varies);
  const under: Omit<UnderWay, 'source'> & { source: number } = {
    source: 0,
    kernel,
    site,
    nu: scene.nu,
    nuOf: (mix) => scene.nuOf?.[mix] ?? scene.nu,
    lowerNu: layered ? SOLID_NU : undefined,
    drinksM: (scene.drinksMm ?? 0) / 1000,
    setsPerS: scene.setsPerS ?? 0,
    stands: scene.stands,
    thickest: Math.max(scene.nu, ...Object.values(scene.nuOf ?? {})),
    dryGroundM: Float32Array.from(film.ground),
    thickened: 1,
    seed: scene.seed,
    memory,
    laid: (m3) => (laidM3 += m3),
    margin,
    missed: (source, shares, m3, spot) => {
      const share = shares.reduce((sum, s) => sum + s, 0);
      if (share === 0) return;
      shares.forEach((s, side) => (missedM3[side] = missedM3[side]! + s * m3));
      missed.push({ ...spot, source, m3: share * m3 });
    },
    onSides: (m3) => {
      margin.wetSides(m3);
      laidM3 += m3;
      onSides.push({ source: under.source, m3, since: steps.length });
    },
    xFirst: true,
  };
  const expected = scene.acts.reduce((sum, act) => sum + actOf(act).weight(act), 0);
  let done = 0;
  let bytes = 0;
  const turns: TurnTaken[] = [];
  for (const lanes of turnsOf(scene.acts, scene.turns)) {
    let s = 0;
    for (const step of sideBySide(scene.acts, lanes, under)) {
      noteWet(film.h, dry, steps.length, firstWet);
      steps.push(step);
      s += step.seconds ?? 0;
      bytes += step.motion?.data.byteLength ?? 0;
      if (bytes > mostBytes) bytes = putInLess(steps, site.grid, mostBytes);
      done += step.weight;
      yield expected > 0 ? Math.min(1, done / expected) : 1;
    }
    turns.push({ acts: lanes.flat(), s, upTo: steps.length, um: inUm(film.h) });
  }
  return {
    scene,
    site,
    steps,
    turns,
    h: Float32Array.from(film.h),
    firstWet,
    spiltMl: margin.offM3().map((m3, side) => (m3 + missedM3[side]!) * 1e6) as [
      number,
      number,
      number,
      number,
    ],
    edgesMl: margin.sidesM3() * 1e6,
    laidMl: laidM3 * 1e6,
    takenMl:
      steps.reduce(
        (sum, { taken, scraped }) => sum + (taken ? takenM3(taken) : 0) + (scraped?.m3 ?? 0),
        0,
      ) * 1e6,
    missed,
    onSides,
  };
}

/**
 * Halves the motions of frames nothing was poured in, and of the others where that is not enough; returns what all take up then.
 * @throws RangeError where that does not help
 */
function putInLess(steps: readonly Step[], grid: Grid, mostBytes: number): number {
  const bytesOf = () => steps.reduce((sum, { motion }) => sum + (motion?.data.byteLength ?? 0), 0);
  for (const poured of [false, true]) {
    for (const step of steps)
      if (step.motion && (step.left !== undefined) === poured)
        step.motion = halve(step.motion, grid);
    if (bytesOf() <= mostBytes) break;
  }
  const bytes = bytesOf();
  if (bytes > mostBytes)
    throw new RangeError(
      'These moves go on for longer than a picture can be computed of: take some out, or make them shorter.',
    );
  return bytes;
}

/** Heights in whole µm; what is higher than sixteen bits tell is as high as they do. */
function inUm(h: Floats): Uint16Array {
  const um = new Uint16Array(h.length);
  for (let i = 0; i < um.length; i++) um[i] = Math.min(0xffff, 1e6 * h[i]!);
  return um;
}

/** Cells of the surface that have not been wet, the first `count` of them. */
interface Dry {
  readonly cells: Int32Array;
  count: number;
}

function dryOf({ inside }: Site): Dry {
  const cells = Int32Array.from(inside.keys()).filter((i) => inside[i]);
  return { cells, count: cells.length };
}

/** Notes cells that are wet for the first time after a step. */
function noteWet(h: Floats, dry: Dry, step: number, firstWet: Uint32Array): void {
  const { cells } = dry;
  let still = 0;
  for (let n = 0; n < dry.count; n++) {
    const i = cells[n]!;
    if (h[i]! >= DRY_M) firstWet[i] = step;
    else cells[still++] = i;
  }
  dry.count = still;
}

/** The motions of a pour that is given up, for their memory. */
export const motionsOf = ({ steps }: Pour): Int16Array[] =>
  steps.flatMap(({ motion }) => (motion ? [motion.data] : []));

/** Acts of one kind before each act of a scene. */
export function nthOf(acts: readonly Act[]): number[] {
  const met = new Map<string, number>();
  return acts.map(({ kind }) => {
    const before = met.get(kind) ?? 0;
    met.set(kind, before + 1);
    return before;
  });
}
