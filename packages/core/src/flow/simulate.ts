import type { Film } from './film';
import { type Drive, GRAVITY, tilted } from './grid';
import { bandOf, layGround, type Site, wetGround, wetted } from './ground';
import type { FilmKernel } from './kernel';
import type { Motion } from './motion';
import {
  type Overlay,
  type PourScene,
  type Primitive,
  type Stream,
  streamMl,
  type Tilt,
} from './primitive';
import { addFootprint, type Disc, spotAt } from './stream';

/** How the film moved over one stretch of time. */
export interface Frame {
  readonly kind: 'frame';
  readonly seconds: number;
  readonly motion: Motion;
  /** Streams that poured during it. */
  readonly discs: readonly Disc[];
  /** Wet height in the middle of the frame, m, cell by cell; only where a stream lies on what is there. */
  readonly h?: Float32Array;
}

/** A film laid over all there was, as the trace meets it on its way back. */
export interface Laid {
  readonly kind: 'laid';
  /** Which of the scene's primitives. */
  readonly primitive: number;
  /** What was laid, m, cell by cell. */
  readonly added: Float32Array;
  /** Wet height it was laid on, m. */
  readonly h: Float32Array;
}

/** What happened to a film, in order, and where it ended. */
export interface Pour {
  readonly scene: PourScene;
  readonly site: Site;
  readonly steps: readonly (Frame | Laid)[];
  /** Wet height at the end, m, cell by cell. */
  readonly h: Float32Array;
  /** What went over each of `SIDES`, mL. */
  readonly spiltMl: readonly [number, number, number, number];
  readonly laidMl: number;
}

/** Cells the surface may move in one frame; frames longer than this bend paths too coarsely. */
export const FRAME_CELLS = 3.2;
/** Share of its radius a stream may move in one frame. */
const STREAM_SHARE = 0.7;
/** Steps of a frame, and the most of one streams pour in; how far a heap may spread in a step of those, as a share of the disc's area. */
const STEPS = 2;
const MOST_STEPS = 12;
const SPREAD_PER_STEP = 0.33;
/** The shortest and longest frame, s. */
const SHORTEST_S = 0.01;
const LONGEST_S = 60;
/** The surface outruns the mean of a film by this much (Nusselt's parabola). */
const SURFACE = 1.5;
/** Tilts come and go over this long, s. */
const RAMP_S = 1.5;

/**
 * Pours a scene on a site. A generator: it yields the share done, 0..1, after each frame and returns the pour; stop
 * asking and it stops. The kernel's film is cleared first; the same kernel may then trace the pour.
 * @param spare motions of a pour no longer needed, whose memory is used again where it fits
 */
export function* pourOn(
  kernel: FilmKernel,
  scene: PourScene,
  site: Site,
  spare: Int16Array[] = [],
): Generator<number, Pour> {
  const { film } = kernel;
  film.h.fill(0);
  film.source.fill(0);
  layGround(film, site, scene);
  const state: State = {
    kernel,
    scene,
    site,
    steps: [],
    spare: spare.filter((data) => data.length === 3 * film.h.length),
    spiltM3: [0, 0, 0, 0],
    laidM3: 0,
    xFirst: true,
    expected: secondsOf(scene.primitives),
    done: 0,
  };
  for (const [index, primitive] of scene.primitives.entries())
    if (primitive.kind === 'overlay') lay(state, primitive, index);
    else yield* SPANS[primitive.kind](state, primitive as never);
  const toMl = (m3: number) => m3 * 1e6;
  return {
    scene,
    site,
    steps: state.steps,
    h: Float32Array.from(film.h),
    spiltMl: state.spiltM3.map(toMl) as [number, number, number, number],
    laidMl: scene.primitives.reduce(
      (sum, p) => sum + (p.kind === 'stream' ? streamMl(p) : 0),
      toMl(state.laidM3),
    ),
  };
}

interface State {
  readonly kernel: FilmKernel;
  readonly scene: PourScene;
  readonly site: Site;
  readonly steps: (Frame | Laid)[];
  readonly spare: Int16Array[];
  readonly spiltM3: [number, number, number, number];
  /** What films laid took, m³. */
  laidM3: number;
  xFirst: boolean;
  /** Weighted seconds of the whole pour and of what is done, for the progress told. */
  readonly expected: number;
  done: number;
}

/** How long a primitive is felt by the progress: rest is over soon, for little moves in it. */
const secondsOf = (primitives: readonly Primitive[]): number =>
  primitives.reduce((sum, p) => sum + (p.kind === 'overlay' ? 0 : weigh(p.kind, p.s)), 0);
const weigh = (kind: Primitive['kind'], s: number): number => (kind === 'rest' ? s / 20 : s);

function lay(state: State, { filmMm, bandMm }: Overlay, primitive: number): void {
  const { film } = state.kernel;
  const where = bandMm === undefined ? state.site.inside : bandOf(state.site, bandMm);
  const added = Float32Array.from(where, (on) => (on ? filmMm / 1000 : 0));
  state.steps.push({ kind: 'laid', primitive, added, h: Float32Array.from(film.h) });
  for (let i = 0; i < added.length; i++) {
    film.h[i] = film.h[i]! + added[i]!;
    state.laidM3 += added[i]! * state.site.grid.dx ** 2;
  }
  wetGround(film, state.site, where);
}

const SPANS = {
  *stream(state: State, stream: Stream): Generator<number, void> {
    const { scene, site, kernel } = state;
    const index = scene.primitives.filter((p) => p.kind === 'stream').indexOf(stream);
    const rate = (streamMl(stream) * 1e-6) / stream.s;
    const level = tilted(scene.nu);
    const cellsPerS = pathLength(stream) / site.cellMm / stream.s;
    yield* frames(state, 'stream', stream.s, () => level, {
      longestS: (t) => {
        const { r } = spotAt(stream, t / stream.s, site, scene.seed);
        return Math.min(stream.s / 24, (STREAM_SHARE * r) / Math.max(cellsPerS, 1e-9));
      },
      discs: (t, seconds) => {
        const from = spotAt(stream, t / stream.s, site, scene.seed);
        const to = spotAt(stream, (t + seconds) / stream.s, site, scene.seed);
        const meanR = ((from.r + to.r) / 2) * site.grid.dx;
        const disc: Disc = {
          stream: index,
          from,
          to,
          core: stream.core,
          peakM: (2 * rate * seconds) / (Math.PI * meanR * meanR),
        };
        kernel.film.source.fill(0);
        addFootprint(kernel.film.source, disc, site, rate);
        return [disc];
      },
    });
    kernel.film.source.fill(0);
  },
  *tilt(state: State, { angleDeg, towardDeg, s }: Tilt): Generator<number, void> {
    const ramp = Math.min(RAMP_S, s / 3);
    yield* frames(
      state,
      'tilt',
      s,
      (t) => {
        const share = Math.min(1, t / ramp, (s - t) / ramp);
        return tilted(state.scene.nu, angleDeg * Math.max(0, share), towardDeg);
      },
      { longestS: (t) => (t < ramp || t > s - ramp - 1e-9 ? ramp / 3 : s - ramp - t) },
    );
  },
  *rest(state: State, { s }: { s: number }): Generator<number, void> {
    const level = tilted(state.scene.nu);
    yield* frames(state, 'rest', s, () => level, {});
  },
};

const pathLength = ({ pathMm }: Stream): number =>
  pathMm
    .slice(1)
    .reduce((sum, [x, y], i) => sum + Math.hypot(x - pathMm[i]![0], y - pathMm[i]![1]), 0);

interface SpanRules {
  readonly longestS?: (t: number) => number;
  readonly discs?: (t: number, seconds: number) => readonly Disc[];
}

/** Runs one span of time in frames of some steps each, bounded by how far the surface moves. */
function* frames(
  state: State,
  kind: Primitive['kind'],
  s: number,
  driveAt: (t: number) => Drive,
  { longestS, discs }: SpanRules,
): Generator<number, void> {
  const { kernel, site } = state;
  const { film } = kernel;
  let t = 0;
  let next = Infinity;
  while (t < s - 1e-6) {
    const drive = driveAt(t + Math.min(next, RAMP_S / 3) / 2);
    // The film's own estimate at the start of a span, what the last frame showed after that.
    let seconds = next === Infinity ? firstFrame(film, site, drive) : next;
    seconds = Math.min(Math.max(seconds, SHORTEST_S), LONGEST_S, longestS?.(t) ?? Infinity, s - t);
    // No sliver left over at the end.
    if (s - t - seconds < 0.25 * seconds) seconds = s - t;
    const poured = discs?.(t, seconds) ?? [];
    const before = poured.some((d) => !d.core) ? Float32Array.from(film.h) : undefined;
    kernel.beginFrame();
    const during = driveAt(t + seconds / 2);
    const steps = poured.length > 0 ? stepsFor(film, drive.nu, seconds, poured) : STEPS;
    for (let step = 0; step < steps; step++) {
      kernel.step(during, seconds / steps, state.xFirst);
      state.xFirst = !state.xFirst;
      collect(state);
    }
    const motion = kernel.endFrame(state.spare.pop());
    state.steps.push({
      kind: 'frame',
      seconds,
      motion,
      discs: poured,
      ...(before ? { h: before.map((h, i) => 0.5 * (h + film.h[i]!)) } : {}),
    });
    const farthest = Math.hypot(motion.most[0], motion.most[1]);
    const wanted = (FRAME_CELLS / SURFACE / Math.max(farthest, 1e-9)) * seconds;
    next = Math.min(wanted, 1.6 * seconds);
    t += seconds;
    state.done += weigh(kind, seconds);
    yield Math.min(1, state.done / state.expected);
  }
}

/**
 * Steps of a frame streams pour in. An implicit step spreads a heap as e^(−|x|)·e^(−|y|), in diamonds: kept short against the
 * time a heap takes to spread over the narrowest disc, rings stay round.
 */
function stepsFor({ h, grid }: Film, nu: number, seconds: number, discs: readonly Disc[]): number {
  let most = 0;
  for (let i = 0; i < h.length; i++) if (h[i]! > most) most = h[i]!;
  const cellsSquared = (GRAVITY * most ** 3 * seconds) / (3 * nu * grid.dx * grid.dx);
  const narrowest = Math.min(...discs.map((d) => (d.from.r + d.to.r) / 2));
  const steps = cellsSquared / (SPREAD_PER_STEP * Math.max(1, narrowest) ** 2);
  return Math.min(MOST_STEPS, Math.max(STEPS, Math.ceil(steps)));
}

/** Takes up what ran over the edge, and remembers that the edge is wet there. */
function collect({ kernel: { film }, site: { brink, brinkSide }, spiltM3 }: State): void {
  const { h, ground, grid } = film;
  for (let k = 0; k < brink.length; k++) {
    const i = brink[k]!;
    const over = h[i]!;
    if (over === 0) continue;
    spiltM3[brinkSide[k]!] = spiltM3[brinkSide[k]!]! + over * grid.dx * grid.dx;
    h[i] = 0;
    ground[i] = wetted(ground[i]!);
  }
}

/** Seconds in which the surface moves at most a frame's cells, from heights and slopes as they are. */
function firstFrame(film: Film, { inside, grid }: Site, { nu, gx, gy }: Drive): number {
  let fastest = 0;
  for (let i = 0; i < inside.length; i++) {
    const h = film.h[i]!;
    if (!inside[i] || h === 0) continue;
    const steepest = (one: number, other: number) =>
      Math.max(
        inside[one] ? Math.abs(film.h[one]! - h) : 0,
        inside[other] ? Math.abs(film.h[other]! - h) : 0,
      ) *
      (GRAVITY / grid.dx);
    const pull =
      Math.abs(gx) + Math.abs(gy) + steepest(i - 1, i + 1) + steepest(i - grid.nx, i + grid.nx);
    fastest = Math.max(fastest, (h * h * pull) / (2 * nu));
  }
  return (FRAME_CELLS * grid.dx) / Math.max(fastest, 1e-12);
}
