import type { UnderWay } from './act/define';
import { circulationOf } from './circulation';
import { asSeen, type Disc, nearDisc, type Spot } from './disc';
import { type Film, type Floats, upperShare } from './film';
import { type Drive, GRAVITY } from './grid';
import type { Site } from './ground';
import { fluidityOf, type Layers, SOLID_NU } from './layers';
import { planesFor } from './motion';
import { FRAME_CELLS, RAMP_S } from './pace';
import type { Pours, Span } from './span';
import type { Met, Step } from './step';

/** Steps of a frame, and the most of one streams pour in; how far a heap may spread in a step of those, as a share of the disc's area. */
const STEPS = 2;
const MOST_STEPS = 12;
const SPREAD_PER_STEP = 0.33;
/** Steps of a frame in which paint comes to stand: what holds it back is taken from how it stood at the step's beginning. */
const STANDING_STEPS = 4;
/** The shortest and longest frame, s. */
const SHORTEST_S = 0.01;
const LONGEST_S = 60;
/** The surface outruns the mean of a film by this much (Nusselt's parabola). */
const SURFACE = 1.5;
/** Cells the mean flow moves in a frame at the most. */
const MOST_CELLS = FRAME_CELLS / SURFACE;

/**
 * Runs a span in frames, bounded by how far the surface moves. What follows a stretch in which little moved goes into the same frame: every place is
 * taken back through every frame there is, and as a tilt comes and goes hardly anything moves.
 */
export function* frames(under: UnderWay, span: Span): Generator<Step<never>, void> {
  const { kernel, site } = under;
  const { film } = kernel;
  const { s, driveAt, longestS, pours = [] } = span;
  let t = 0;
  let next = Infinity;
  let from: readonly (readonly Spot[])[] | undefined;
  // The frame that is open: how long it has lasted, how many cells the fastest has come, and where its motion so far is told.
  let lastedS = 0;
  let came = 0;
  let into: Int16Array | undefined;
  // What a stream lays on its way flows while it goes on: in a frame that has as much of either as it may the one is told without the other.
  const bounded = (seconds: number) => {
    const both = pours.reduce(
      (most, p) => Math.min(most, 1 / (1 / seconds + 1 / p.sweepsS(t))),
      seconds,
    );
    return Math.min(Math.max(both, SHORTEST_S), LONGEST_S, longestS?.(t) ?? Infinity, s - t);
  };
  while (t < s - 1e-6) {
    const layers: Layers | undefined =
      under.lowerNu === undefined
        ? undefined
        : {
            lowerNu: under.lowerNu,
            arrivingNu: arrivingAt(pours, t + (next === Infinity ? 0 : next / 2)) ?? under.nu,
            ...(under.stands && under.thickest > under.stands.fromNu && { stands: under.stands }),
          };
    const driven = (at: number): Drive => {
      const drive = driveAt(at);
      return { ...drive, nu: drive.nu * under.thickened, ...(layers && { layers }) };
    };
    const drive = driven(t + Math.min(next, RAMP_S / 3) / 2);
    if (next === Infinity) force(film, span, t, 0);
    // The film's own estimate at the start of a span, what the last frame showed after that.
    let seconds = bounded(next === Infinity ? firstFrame(film, site, drive) : next);
    // No sliver left over at the end.
    if (s - t - seconds < 0.25 * seconds) seconds = s - t;
    from ??= pours.map((p) => p.spotsAt(t));
    force(film, span, t, seconds);
    const before =
      pours.some((p) => !p.core) || span.forces ? Float32Array.from(film.h) : undefined;
    if (lastedS === 0) kernel.beginFrame();
    const during = driven(t + seconds / 2);
    const narrowest = Math.min(...from.flat().map(({ r }) => r));
    const ordinary = during.layers?.stands ? STANDING_STEPS : STEPS;
    const least = Math.max(ordinary, ...pours.map((p) => p.leastSteps(t, seconds)));
    const steps =
      pours.length > 0 ? Math.max(least, stepsFor(film, drive.nu, seconds, narrowest)) : least;
    for (let step = 0; step < steps; step++) {
      if (pours.length > 0) film.source.fill(0);
      for (const p of pours) p.feed(t + (step * seconds) / steps, seconds / steps);
      kernel.step(during, seconds / steps, under.xFirst);
      under.xFirst = !under.xFirst;
      if (under.drinksM > 0) holdFast(film, site, under.drinksM);
      under.margin.collect();
    }
    if (under.setsPerS > 0) set(film, under, seconds);
    t += seconds;
    lastedS += seconds;
    into ??= under.memory.take(planesFor(during) * film.h.length);
    const motion = kernel.endFrame(during, into);
    into = motion.data;
    const farthest = Math.hypot(motion.most[0], motion.most[1]);
    // What turns back on its way has moved faster than it came far.
    const pace = Math.max(farthest / lastedS, (farthest - came) / seconds, 1e-9);
    came = farthest;
    next = Math.min(MOST_CELLS / pace, 1.6 * seconds);
    const goesOn =
      farthest + pace * bounded(next) <= MOST_CELLS &&
      t < s - 1e-6 &&
      pours.length === 0 &&
      !span.forces &&
      // It may have begun to stand, or to be told cell by cell.
      !during.layers?.stands &&
      (under.lowerNu === undefined) === (during.layers === undefined);
    if (goesOn) continue;
    const round =
      during.sheared && before ? circulationOf(film, before, during, seconds) : undefined;
    const to = pours.map((p) => p.spotsAt(t));
    const met = pours.flatMap((p, n) =>
      metBy(p, from![n]!, to[n]!, t, seconds, film, site, before),
    );
    from = to;
    const over = under.margin.frame();
    into = undefined;
    yield {
      weight: span.felt * lastedS,
      seconds: lastedS,
      motion,
      ...(round ? { round } : {}),
      ...(over ? { over } : {}),
      ...(met.length > 0
        ? { met, left: met.map(({ source, disc }) => ({ source, s: disc.to.s })) }
        : {}),
    };
    [lastedS, came] = [0, 0];
  }
  if (pours.length > 0) film.source.fill(0);
  if (span.forces) still(film);
}

/**
 * What went on in a frame where paint came down, from where its discs stood to where they stand.
 * @param film as it is at its end, and `before` its heights at its beginning, where they were kept
 */
const metBy = (
  pours: Pours,
  from: readonly Spot[],
  to: readonly Spot[],
  t: number,
  seconds: number,
  { h }: Film,
  site: Site,
  before: Floats | undefined,
): Met[] =>
  to.map((_, opening) => {
    const [began, ends] = [from[opening]!, to[opening]!].map((spot) =>
      pours.core ? spot : asSeen(spot),
    ) as [Spot, Spot];
    const disc: Disc = {
      from: began,
      to: ends,
      core: pours.core,
      peakM: pours.peakM((began.r + ends.r) / 2, seconds),
      last: t > pours.untilS - 1e-6,
    };
    return {
      source: pours.source,
      disc,
      ...(before && !pours.core
        ? { h: [nearDisc(before, site, disc), nearDisc(h, site, disc)] }
        : {}),
    };
  });

/** Sets the fields of force of a span for a frame. */
function force(film: Film, { forces }: Span, t: number, seconds: number): void {
  if (!forces) return;
  still(film);
  forces(t, seconds);
}

function still({ pushX, pushY, shearX, shearY }: Film): void {
  for (const field of [pushX, pushY, shearX, shearY]) field.fill(0);
}

/** Viscosity of all that arrives at once: the mean by what arrives of each, of ln ν; undefined where nothing does. */
function arrivingAt(pours: readonly Pours[], t: number): number | undefined {
  const [one] = pours;
  if (pours.length < 2) return one?.nuAt(t);
  const rate = pours.reduce((sum, p) => sum + p.m3PerS, 0);
  return Math.exp(pours.reduce((sum, p) => sum + p.m3PerS * Math.log(p.nuAt(t)), 0) / rate);
}

/** No film gets thicker than this, m²/s: it has long stopped moving. */
const STILL_NU = 10;

/** The film gets thicker as it stands; what is poured later is as thin as it comes. */
function set(film: Film, under: UnderWay, seconds: number): void {
  const rise = under.setsPerS * seconds;
  under.thickest = Math.min(STILL_NU, under.thickest * Math.exp(rise));
  if (under.lowerNu === undefined) {
    under.thickened = Math.min(STILL_NU / under.nu, under.thickened * Math.exp(rise));
    if (under.stands && under.thickest > under.stands.fromNu) partInCells(film, under);
    return;
  }
  if (under.lowerNu < STILL_NU) under.lowerNu = Math.min(STILL_NU, under.lowerNu * Math.exp(rise));
  const { lnNu } = film;
  const most = Math.log(STILL_NU);
  for (let i = 0; i < lnNu.length; i++) {
    const risen = lnNu[i]! + rise;
    lnNu[i] = risen < most ? risen : most;
  }
}

/** From now on how thick the film is is carried cell by cell: how much drags at it, and so whether it stands, differs from place to place. */
function partInCells(film: Film, under: UnderWay): void {
  film.lnNu.fill(Math.log(under.nu * under.thickened));
  under.thickened = 1;
  under.lowerNu = SOLID_NU;
}

/**
 * Steps of a frame streams pour in. An implicit step spreads a heap as e^(−|x|)·e^(−|y|), in diamonds: kept short against the
 * time a heap takes to spread over the disc, rings stay round.
 */
function stepsFor({ h, grid }: Film, nu: number, seconds: number, r: number): number {
  let most = 0;
  for (let i = 0; i < h.length; i++) if (h[i]! > most) most = h[i]!;
  const cellsSquared = (GRAVITY * most ** 3 * seconds) / (3 * nu * grid.dx * grid.dx);
  const steps = cellsSquared / (SPREAD_PER_STEP * Math.max(1, r) ** 2);
  return Math.min(MOST_STEPS, Math.max(STEPS, Math.ceil(steps)));
}

/** Seconds in which the surface moves at most a frame's cells, from heights, slopes and forces as they are. */
function firstFrame(film: Film, { inside, grid }: Site, drive: Drive): number {
  const { gx, gy, fields, layers } = drive;
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
    const nu = layers ? nuAt(film, i, layers) : drive.nu;
    let speed = (h * h * pull) / (2 * nu);
    if (fields)
      speed +=
        (h * h * (Math.abs(film.pushX[i]!) + Math.abs(film.pushY[i]!))) / (2 * nu) +
        (h * (Math.abs(film.shearX[i]!) + Math.abs(film.shearY[i]!))) / nu;
    fastest = Math.max(fastest, speed);
  }
  return (FRAME_CELLS * grid.dx) / Math.max(fastest, 1e-12);
}

/** Viscosity of the even film that would run as two do at a cell. */
const nuAt = (film: Film, i: number, { lowerNu }: Layers): number =>
  1 / fluidityOf(upperShare(film, i), lowerNu, Math.exp(film.lnNu[i]!));

/** What a raw ground holds of whatever stands on it. */
function holdFast({ h, lower }: Film, { inside }: Site, drinksM: number): void {
  for (let i = 0; i < inside.length; i++)
    if (inside[i] && lower[i]! < drinksM) lower[i] = Math.min(h[i]!, drinksM);
}
