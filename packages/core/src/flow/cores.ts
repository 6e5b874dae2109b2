import type { FilmKernel } from './kernel';
import { numbered } from './numbered';
import type { Strata } from './strata';
import { type Births, copyBirth, emptyBirths, NONE, type Places } from './births';
import { traceBirths } from './trace';
import { nearPaint, placeAt, type View } from './view';

/** How closely a film is drilled through. */
export interface Drilling {
  /** Heights every core is traced at, the surface first, as shares of the wet height. */
  readonly heights: readonly number[];
  /** Times a gap between two of them is halved at the most to find where in it one paint ends and another begins. */
  readonly halvings: number;
  /** How often what lies between cores is quartered where they are unlike. */
  readonly closer: number;
  /** How unlike the paint at the corners of a cell may be before it is quartered; 1 in a finished picture on a phone. */
  readonly unlike: number;
}

/**
 * A gap as thin as this, µm, or as this share of what lies above it, is not halved: nobody sees where in it the change is. Tuned: with 8 µm a skin of white
 * over a dye came out in squares, as thick as the cores' first heights are apart; 1.5 µm, or 0.03 and a fourth halving, change no mean ΔE00 by more than 0.04.
 */
const THIN_UM = 3;
const THIN_SHARE = 0.05;
/**
 * Paint of one act whose shares differ by more than this lies fold on fold: between them nothing of it is in order. Turns of a ring on one another differ
 * by less: so do shares that only change fast, but those change so above and below too.
 */
const FOLD = 0.2;
const TURN = 0.08;
/** A change is abrupt if it is so many times as fast as on either side, or if one half of where it happens has so much of it. */
const FASTER = 2;
const MOSTLY = 0.75;

export const FOLDED = 1;
export const ANOTHER = 2;

/** Places of a picture, every `unit` pixels, row-major. */
export interface Raster {
  readonly across: number;
  readonly down: number;
  readonly unit: number;
}

/**
 * The film drilled through at places of a raster. The core of place `i` holds knots `first[i]` to before `past[i]`, the surface first; a
 * place off the paint, or not drilled, holds none. `z`: height of a knot, 1 at the surface. `begins`: `ANOTHER` or `FOLDED`
 * where another act's paint begins or the same lies folded, at the height at which the one above it ends; else 0. What it is: the act it came from, and where in that act's paint; see `Strata`.
 */
export interface Cores extends Raster {
  readonly first: Int32Array;
  readonly past: Int32Array;
  readonly z: Float32Array;
  readonly begins: Uint8Array;
  readonly source: Uint16Array;
  readonly bin: Float32Array;
  readonly acrossStream: Float32Array;
}

const emptyKnots = (count: number) => ({
  z: new Float32Array(count),
  begins: new Uint8Array(count),
  source: new Uint16Array(count),
  bin: new Float32Array(count),
  acrossStream: new Float32Array(count),
});

export const noCores = (raster: Raster): Cores => ({
  ...raster,
  first: new Int32Array(raster.across * raster.down),
  past: new Int32Array(raster.across * raster.down),
  ...emptyKnots(0),
});

/** Those of these places that have paint within `reach` pixels. */
export const drillable = (
  { across, unit }: Raster,
  view: View,
  places: Iterable<number>,
  reach: number,
): number[] =>
  [...places].filter((i) =>
    nearPaint(view, (i % across) * unit, Math.floor(i / across) * unit, reach),
  );

/**
 * Stretches of cores within which one paint ends and another begins, in the order of their cores and from the surface down. `core`: which
 * of those drilled; `level`: the traced height above it. Two entries a gap: `z` and `ends`, its upper end and its lower. One of no
 * thickness is no gap any more, but a place that was found out.
 */
interface Gaps {
  readonly count: number;
  readonly core: Int32Array;
  readonly level: Uint8Array;
  readonly z: Float32Array;
  readonly ends: Births;
}

const emptyGaps = (most: number) => ({
  count: 0,
  core: new Int32Array(most),
  level: new Uint8Array(most),
  z: new Float32Array(2 * most),
  ends: emptyBirths(2 * most),
});

/** What is drilled in one go: its places in the raster, and in the film. */
interface Bore {
  readonly view: View;
  readonly strata: Strata;
  readonly places: readonly number[];
  readonly x: Float32Array;
  readonly y: Float32Array;
  readonly um: Float32Array;
  readonly heights: readonly number[];
}

/**
 * Drills at more places: traces each at these heights, the surface first, and finds where between them the paint of one act ends and that
 * of another begins. A generator: it yields the share done.
 * @returns the cores there were, and these
 */
export function* drill(
  kernel: FilmKernel,
  view: View,
  strata: Strata,
  { heights, halvings }: Pick<Drilling, 'heights' | 'halvings'>,
  had: Cores,
  places: readonly number[],
): Generator<number, Cores> {
  const bore = boreAt(view, strata, had, places, heights);
  function* trace(at: Places, from: number): Generator<number, Births> {
    const births = emptyBirths(at.count);
    for (const share of traceBirths(view.pour, kernel, at, births))
      yield (from + share) / (1 + halvings);
    for (let i = 0; i < at.count; i++) births.wave[i] = strata.wave(births, i);
    return births;
  }
  const levels = yield* trace(levelsOf(bore), 0);
  let gaps = gapsOf(bore, levels);
  for (let n = 0; n < halvings; n++) {
    const thick = thickOnes(bore, gaps);
    if (thick.length === 0) break;
    gaps = halved(bore, gaps, thick, yield* trace(middlesOf(bore, gaps, thick), n + 1));
  }
  return joined(had, bore, levels, gaps);
}

function boreAt(
  view: View,
  strata: Strata,
  { across, unit }: Raster,
  places: readonly number[],
  heights: readonly number[],
): Bore {
  const { width, height, filmUm } = view;
  const x = new Float32Array(places.length);
  const y = new Float32Array(places.length);
  const um = new Float32Array(places.length);
  places.forEach((place, i) => {
    const [px, py] = [(place % across) * unit, Math.floor(place / across) * unit];
    [x[i], y[i]] = placeAt(view, px, py);
    um[i] = filmUm[Math.min(py, height - 1) * width + Math.min(px, width - 1)]!;
  });
  return { view, strata, places, x, y, um, heights };
}

const toTrace = (count: number): Places => ({
  index: numbered(count),
  x: new Float32Array(count),
  y: new Float32Array(count),
  z: new Float32Array(count),
  count,
});

/** Every core at every height; entry core × heights + level. */
function levelsOf({ places, x, y, heights }: Bore): Places {
  const levels = heights.length;
  const at = toTrace(places.length * levels);
  for (let i = 0; i < places.length; i++) {
    at.x.fill(x[i]!, i * levels, (i + 1) * levels);
    at.y.fill(y[i]!, i * levels, (i + 1) * levels);
    at.z.set(heights, i * levels);
  }
  return at;
}

/** An end of a gap: how high it is, and which of these births lies there. */
type End = readonly [z: number, births: Births, index: number];

/** By how much the shares of two ends differ; not at all where all of their act is one stratum, without end where they are of two acts. */
function differ({ strata }: Bore, [, a, i]: End, [, b, j]: End): number {
  const from = a.source[i]!;
  if (from !== b.source[j]) return Infinity;
  return strata.one(from) ? 0 : Math.abs(a.s[i]! - b.s[j]!);
}

/** Where two neighbouring heights of a core have different paint. */
function gapsOf(bore: Bore, births: Births): Gaps {
  const { places, heights } = bore;
  // Which they are first: few of the stretches are gaps.
  const found: number[] = [];
  const endAt = (at: number): End => [heights[at % heights.length]!, births, at];
  for (let at = 0; at + 1 < places.length * heights.length; at++) {
    if ((at + 1) % heights.length === 0) continue;
    if (births.source[at] === NONE || births.source[at + 1] === NONE) continue;
    const by = differ(bore, endAt(at), endAt(at + 1));
    if (by > FOLD || (by > TURN && by > FASTER * fastestBeside(at))) found.push(at);
  }
  /** How much would change between two heights, if as fast as above or below them. */
  function fastestBeside(at: number): number {
    const level = at % heights.length;
    const thick = (n: number) => heights[n]! - heights[n + 1]!;
    const aside = (n: number) =>
      n < 0 || n + 2 > heights.length
        ? 0
        : (differ(bore, endAt(at - level + n), endAt(at - level + n + 1)) * thick(level)) /
          thick(n);
    const [above, below] = [aside(level - 1), aside(level + 1)];
    // What is another act's has its own gap.
    return Math.max(above < Infinity ? above : 0, below < Infinity ? below : 0);
  }
  const gaps = emptyGaps(found.length);
  for (const at of found) {
    const level = at % heights.length;
    push(gaps, (at - level) / heights.length, level, endAt(at), endAt(at + 1));
  }
  return gaps;
}

function push(
  gaps: ReturnType<typeof emptyGaps>,
  core: number,
  level: number,
  top: End,
  low: End,
): void {
  const n = gaps.count++;
  gaps.core[n] = core;
  gaps.level[n] = level;
  gaps.z[2 * n] = top[0];
  gaps.z[2 * n + 1] = low[0];
  copyBirth(top[1], top[2], gaps.ends, 2 * n);
  copyBirth(low[1], low[2], gaps.ends, 2 * n + 1);
}

/** Gaps that it pays to halve. */
function thickOnes(bore: Bore, { count, core, z }: Gaps): Int32Array {
  const thick: number[] = [];
  for (let i = 0; i < count; i++) {
    const um = bore.um[core[i]!]!;
    const [top, low] = [z[2 * i]!, z[2 * i + 1]!];
    if ((top - low) * um > THIN_UM + THIN_SHARE * (1 - top) * um) thick.push(i);
  }
  return Int32Array.from(thick);
}

function middlesOf(bore: Bore, { core, z }: Gaps, thick: Int32Array): Places {
  const at = toTrace(thick.length);
  thick.forEach((gap, i) => {
    at.x[i] = bore.x[core[gap]!]!;
    at.y[i] = bore.y[core[gap]!]!;
    at.z[i] = (z[2 * gap]! + z[2 * gap + 1]!) / 2;
  });
  return at;
}

/**
 * All gaps anew, of the thick ones the halves whose ends are still apart, given what lies in their middles; a third paint in between
 * makes two of one.
 */
function halved(bore: Bore, gaps: Gaps, thick: Int32Array, middles: Births): Gaps {
  const halves = emptyGaps(gaps.count + thick.length);
  let n = 0;
  for (let i = 0; i < gaps.count; i++) {
    const [core, level] = [gaps.core[i]!, gaps.level[i]!];
    const top: End = [gaps.z[2 * i]!, gaps.ends, 2 * i];
    const low: End = [gaps.z[2 * i + 1]!, gaps.ends, 2 * i + 1];
    const middle: End = [(top[0] + low[0]) / 2, middles, n];
    // Thin enough, or lost on the way.
    if (thick[n] !== i || middles.source[n++] === NONE) push(halves, core, level, top, low);
    else {
      const [above, below] = [differ(bore, top, middle), differ(bore, middle, low)];
      const least = Math.min(FOLD, Math.max(TURN, MOSTLY * (above + below)));
      if (above > least) push(halves, core, level, top, middle);
      if (below > least) push(halves, core, level, middle, low);
      // In order all the way, only steep: what was found is worth keeping.
      if (above <= least && below <= least) push(halves, core, level, middle, middle);
    }
  }
  return halves;
}

/** All knots of all cores: what was traced at each height, and between two of them the ends of every gap, both in its middle. */
function joined(had: Cores, { strata, places, heights }: Bore, levels: Births, gaps: Gaps): Cores {
  const most = had.z.length + places.length * heights.length + 2 * gaps.count;
  const cores: Cores = {
    ...had,
    first: had.first.slice(),
    past: had.past.slice(),
    ...emptyKnots(most),
  };
  for (const channel of ['z', 'begins', 'source', 'bin', 'acrossStream'] as const)
    cores[channel].set(had[channel]);
  let knot = had.z.length;
  let gap = 0;
  const add = (z: number, births: Births, index: number, begins: number) => {
    cores.z[knot] = z;
    cores.begins[knot] = begins;
    cores.source[knot] = births.source[index]!;
    cores.bin[knot] = strata.bin(births, index);
    cores.acrossStream[knot] = strata.across(births, index);
    knot++;
  };
  places.forEach((place, core) => {
    const first = knot;
    for (let level = 0; level < heights.length; level++) {
      const at = core * heights.length + level;
      if (levels.source[at] !== NONE)
        add(heights[level]!, levels, at, knot === first ? ANOTHER : 0);
      for (; gap < gaps.count && gaps.core[gap] === core && gaps.level[gap] === level; gap++) {
        const [top, low] = [gaps.z[2 * gap]!, gaps.z[2 * gap + 1]!];
        add((top + low) / 2, gaps.ends, 2 * gap, 0);
        const same = gaps.ends.source[2 * gap] === gaps.ends.source[2 * gap + 1];
        if (top > low) add((top + low) / 2, gaps.ends, 2 * gap + 1, same ? FOLDED : ANOTHER);
      }
    }
    cores.first[place] = first;
    cores.past[place] = knot;
  });
  return cores;
}
