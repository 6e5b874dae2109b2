import { acrossStream } from './disc';
import type { FilmKernel } from './kernel';
import { excessAt } from './motion';
import { numbered } from './numbered';
import { levelOfFlux } from './profile';
import type { Missed, Pour } from './simulate';
import type { Step } from './step';
import { mixesOf, strataOf } from './strata';
import { ALWAYS, type Births, emptyBirths, NONE, type Places } from './births';
import { traceBirths } from './trace';

/** Where the paint of one mix is in the end, mL. */
export interface Whereabouts {
  readonly faceMl: number;
  /** On the sides, run down or put there. */
  readonly edgesMl: number;
  /** Over the edge and not on it, or beside the surface from the first. */
  readonly runOffMl: number;
  /** Taken off again: stayed on a sheet, or went with a cloth or a knife. */
  readonly takenMl: number;
}

export interface Account {
  readonly mixes: Readonly<Record<string, Whereabouts>>;
  /** Paint whose cup was not found again: what a trace misses. */
  readonly unfoundMl: number;
}

/** Places in a cell's column whose births are asked for, and places in all for what went over the edge, on the sides and off them: with a quarter of them the count itself was off by 5 % for 7 mL. */
const LEVELS = 16;
const OVER_PLACES = 40_000;
/** Places across a stream that tell what of it landed beside the surface. */
const MISSED_PLACES = 24;
/** Steps between two numbers of an even but unordered sequence (Roberts 2018: powers of the plastic number, from memory). */
const R2 = [0.7548776662466927, 0.5698402909980532] as const;
/** The same for three dimensions. */
const R3 = [0.8191725133961645, 0.6710436067037893, 0.5497004779019703] as const;
/** The same for one. */
const GOLDEN = 0.6180339887498949;

/** Paint weighed by its births: places and what volume stands for each. */
interface Weighed {
  readonly places: Required<Places>;
  readonly m3: Float64Array;
}

/**
 * Counts every mix where it is: on the face by the births in its columns, on the sides and in the run-off by the births of what
 * went over the edge, as it went. Each is counted on its own, none is the rest of the others, so that the sum is a check.
 * A generator; it yields the share done.
 */
export function* accountOf(pour: Pour, kernel: FilmKernel): Generator<number, Account> {
  const mixOf = mixesOf(pour.scene);
  const strata = strataOf(pour.scene);
  const sums = new Map(
    [...new Set(mixOf)].map((mix) => [mix, { faceMl: 0, edgesMl: 0, runOffMl: 0, takenMl: 0 }]),
  );
  let unfound = 0;
  const count = (births: Births, m3: Float64Array, kind: keyof Whereabouts) => {
    for (let i = 0; i < m3.length; i++)
      if (births.source[i] !== NONE) births.wave[i] = strata.wave(births, i);
    for (let i = 0; i < m3.length; i++) {
      const at = sums.get(mixOf[strata.at(births, i)] ?? '');
      if (at) at[kind] += m3[i]! * 1e6;
      else unfound += m3[i]! * 1e6;
    }
  };
  /** What came to the sides after some step: part of it may have been taken off them since. */
  const countOnSides = (births: Births, m3: Float64Array, since: (n: number) => number) => {
    const stays = m3.map((_, n) => staysOnSides(pour, since(n)));
    count(
      births,
      m3.map((each, n) => each * stays[n]!),
      'edgesMl',
    );
    count(
      births,
      m3.map((each, n) => each * (1 - stays[n]!)),
      'takenMl',
    );
  };
  const traced = [
    [onFace(pour), 'faceMl'],
    [overEdge(pour, 'sideM3'), 'edgesMl'],
    [overEdge(pour, 'offM3'), 'runOffMl'],
    [takenOff(pour), 'takenMl'],
  ] as const;
  for (const [n, [{ places, m3 }, kind]] of traced.entries()) {
    const births = emptyBirths(places.count);
    for (const share of traceBirths(pour, kernel, places, births))
      yield (n + share) / traced.length;
    if (kind !== 'edgesMl') count(births, m3, kind);
    else countOnSides(births, m3, (n) => places.since[n]!);
  }
  for (const missed of pour.missed) {
    const { births, m3 } = besideSurface(pour, missed);
    count(births, m3, 'runOffMl');
  }
  for (const { source, m3, since } of pour.onSides) {
    const births = emptyBirths(1);
    births.source[0] = source;
    countOnSides(births, Float64Array.of(m3), () => since);
  }
  return { mixes: Object.fromEntries(sums), unfoundMl: unfound };
}

/** The share of what was on the sides after some step that is there in the end. */
const staysOnSides = ({ steps }: Pour, since: number): number =>
  steps.reduce(
    (share, { scraped }, n) => (scraped && n > since ? share * scraped.keeps : share),
    1,
  );

/** Every cell's column, at levels that differ from cell to cell. */
function onFace({ h, site }: Pour): Weighed {
  const { grid, inside } = site;
  const wet: number[] = [];
  for (let i = 0; i < h.length; i++) if (inside[i] && h[i]! > 0) wet.push(i);
  const count = wet.length * LEVELS;
  const places = placesFor(count);
  const m3 = new Float64Array(count);
  wet.forEach((i, n) => {
    for (let l = 0; l < LEVELS; l++) {
      const k = n * LEVELS + l;
      places.x[k] = (i % grid.nx) + turn(k, 0);
      places.y[k] = Math.floor(i / grid.nx) + turn(k, 1);
      places.z[k] = (l + turn(n, 0)) / LEVELS;
      m3[k] = (h[i]! * grid.dx * grid.dx) / LEVELS;
    }
  });
  return { places, m3 };
}

/** An even part of what left the face in many steps: in which step, which of the entries that tell of it, and how much. */
interface Part {
  readonly step: number;
  readonly n: number;
  readonly m3: number;
}

/** Even parts of what left, as many as `OVER_PLACES`, in the order it went, the last first. */
function partsOf(
  steps: readonly Step[],
  leftIn: (step: Step) => ArrayLike<number> | undefined,
): readonly Part[] {
  let whole = 0;
  for (const step of steps) {
    const left = leftIn(step);
    for (let n = 0; left && n < left.length; n++) whole += left[n]!;
  }
  if (whole <= 0) return [];
  const part = whole / OVER_PLACES;
  const parts: Part[] = [];
  // What is less than a part is carried on to the next, so that parts are even and none is lost.
  let carried = 0;
  let last: { step: number; n: number } | undefined;
  for (let step = steps.length - 1; step >= 0; step--) {
    const left = leftIn(steps[step]!);
    for (let n = 0; left && n < left.length; n++) {
      last = { step, n };
      carried += left[n]!;
      for (; carried >= part; carried -= part) parts.push({ ...last, m3: part });
    }
  }
  if (carried > 0 && last) parts.push({ ...last, m3: carried });
  return parts;
}

/** What went over the edge, each part where and when it passed; its depth as flux has it. */
function overEdge({ steps, site }: Pour, of: 'sideM3' | 'offM3'): Weighed {
  return placed(
    partsOf(steps, ({ over }) => over?.[of]),
    ({ step, n }, k) => {
      const { over, motion } = steps[step]!;
      const [x, y] = brinkPlace(site, over!.at[n]!, turnIn3(k, 1));
      const z = levelOfFlux(turnIn3(k, 0), motion ? excessAt(motion, site.grid, x, y) : 0);
      return { x, y, z, since: step, until: turnIn3(k, 2) };
    },
  );
}

/** What was taken off, each part where it lay, as it lay just before. */
function takenOff({ steps, site: { grid } }: Pour): Weighed {
  return placed(
    partsOf(steps, ({ taken }) => taken?.m3),
    ({ step, n }, k) => {
      const { at, lowZ, highZ } = steps[step]!.taken!;
      const i = at[n]!;
      const z = lowZ[n]! + (highZ[n]! - lowZ[n]!) * ((0.5 + k * GOLDEN) % 1);
      const [x, y] = [(i % grid.nx) + turn(k, 0), Math.floor(i / grid.nx) + turn(k, 1)];
      return { x, y, z, since: step - 1, until: 1 };
    },
  );
}

/** Where a part was, and when: see `Places`. */
type Where = { readonly [K in 'x' | 'y' | 'z' | 'since' | 'until']: number };

/** Places for parts. */
function placed(parts: readonly Part[], where: (part: Part, k: number) => Where): Weighed {
  const places = placesFor(parts.length);
  parts.forEach((part, k) => {
    const { x, y, z, since, until } = where(part, k);
    places.x[k] = x;
    places.y[k] = y;
    places.z[k] = z;
    places.since[k] = since;
    places.until[k] = until;
  });
  return { places, m3: Float64Array.from(parts, ({ m3 }) => m3) };
}

/** Births of what of a stream landed beside the surface. */
function besideSurface({ site }: Pour, missed: Missed) {
  const { source, m3, s, x, y, r } = missed;
  const off: number[] = [];
  for (let n = 0; n < MISSED_PLACES; n++) {
    const [px, py] = acrossDisc(n);
    const [cx, cy] = [Math.floor(x + px * r), Math.floor(y + py * r)];
    const { nx, ny } = site.grid;
    const on = cx >= 0 && cy >= 0 && cx < nx && cy < ny && site.inside[cy * nx + cx];
    if (!on) off.push(n);
  }
  const all = off.length > 0 ? off : Array.from({ length: MISSED_PLACES }, (_, n) => n);
  const births = emptyBirths(all.length);
  all.forEach((n, i) => {
    births.source[i] = source;
    births.s[i] = s;
    [births.xi[i], births.eta[i]] = acrossStream(missed, ...acrossDisc(n));
  });
  return { births, m3: new Float64Array(all.length).fill(m3 / all.length) };
}

/** The n-th of evenly spread places of a unit disc: a sunflower's, by the golden angle. */
function acrossDisc(n: number): [number, number] {
  const r = Math.sqrt((n + 0.5) / MISSED_PLACES);
  return [r * Math.cos(2.399963 * n), r * Math.sin(2.399963 * n)];
}

/** A place on the face that a cell of the brink is fed from, cells: at its side toward the face, anywhere along it. */
function brinkPlace({ brink, inside, grid }: Pour['site'], k: number, along: number) {
  const i = brink[k]!;
  const [x, y] = [i % grid.nx, Math.floor(i / grid.nx)];
  if (inside[i - 1] && x > 0) return [x, y + along] as const;
  if (inside[i + 1] && x < grid.nx - 1) return [x + 1, y + along] as const;
  return inside[i - grid.nx] ? ([x + along, y] as const) : ([x + along, y + 1] as const);
}

const turn = (n: number, axis: 0 | 1): number => (0.5 + n * R2[axis]) % 1;
const turnIn3 = (n: number, axis: 0 | 1 | 2): number => (0.5 + n * R3[axis]) % 1;

const placesFor = (count: number) => ({
  index: numbered(count),
  x: new Float32Array(count),
  y: new Float32Array(count),
  z: new Float32Array(count),
  since: new Int32Array(count).fill(ALWAYS),
  until: new Float32Array(count).fill(1),
  count,
});
