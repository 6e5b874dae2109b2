import type { FilmKernel } from './kernel';
import type { Strata } from './strata';
import { type Births, emptyBirths, NONE, type Places } from './births';
import { traceBirths } from './trace';
import { nearPaint, placeAt, type View } from './view';

/** Corners of a lattice cell that came from one stream within this share of its paint need no place between them traced. */
const ALIKE = 0.05;
/** How far a thread is followed at each step of the lattice, in its cells. */
const THREAD_ROUNDS = 12;
const WORTH_A_ROUND = 200;
/** The same for the waves of its layers, and for places across it. */
const ALIKE_WAVE = 0.4;
const ALIKE_ACROSS = 0.4;

/** Traces every `step`-th place of a lattice. */
export function* traceAll(
  kernel: FilmKernel,
  lattice: Lattice,
  step: number,
): Generator<number, void> {
  yield* lattice.trace(kernel, lattice.every(step));
}

/**
 * Fills in or traces the places half a step between those known. A place that turns out unlike its neighbours lies on a thread finer
 * than the lattice; the cells beside it are asked too, so that threads do not break up.
 */
export function* refine(
  kernel: FilmKernel,
  lattice: Lattice,
  step: number,
): Generator<number, void> {
  const asked = new Uint8Array(lattice.across * lattice.down);
  let cells = lattice.unlike(step);
  // Every round goes back through the whole pour: not for a handful of places.
  for (let round = 0; round < THREAD_ROUNDS; round++) {
    if (cells.length < (round === 0 ? 1 : WORTH_A_ROUND)) break;
    const wanted = lattice.amid(cells, step, asked);
    yield* lattice.trace(kernel, wanted);
    cells = lattice.besideThreads(wanted, step, asked);
  }
  lattice.blendRest(step, asked);
}

/** Births at the surface, one a pixel, wide enough for whole steps of the coarsest. */
export class Lattice {
  readonly births: Births;
  readonly across: number;
  readonly down: number;

  constructor(
    readonly view: View,
    private readonly strata: Strata,
    coarse: number,
  ) {
    const whole = (pixels: number) => coarse * Math.max(1, Math.ceil((pixels - 1) / coarse)) + 1;
    this.across = whole(view.width);
    this.down = whole(view.height);
    this.births = emptyBirths(this.across * this.down);
  }

  /** Traces these places. */
  *trace(kernel: FilmKernel, wanted: readonly number[]): Generator<number, void> {
    const { births, across, view, strata } = this;
    const count = wanted.length;
    if (count === 0) return;
    const places: Places = {
      index: Int32Array.from(wanted),
      x: new Float32Array(count),
      y: new Float32Array(count),
      z: new Float32Array(count).fill(1),
      count,
    };
    wanted.forEach((i, n) => {
      [places.x[n], places.y[n]] = placeAt(view, i % across, Math.floor(i / across));
    });
    yield* traceBirths(view.pour, kernel, places, births);
    for (const i of wanted) births.wave[i] = strata.wave(births, i);
  }

  /** Every `step`-th place that is wanted. */
  every(step: number): readonly number[] {
    const places: number[] = [];
    for (let y = 0; y < this.down; y += step)
      for (let x = 0; x < this.across; x += step)
        if (nearPaint(this.view, x, y, step)) places.push(y * this.across + x);
    return places;
  }

  /** Cells whose corners are not alike, by their first corner. */
  unlike(step: number): readonly number[] {
    const { across, down } = this;
    const cells: number[] = [];
    for (let y = 0; y + step < down; y += step)
      for (let x = 0; x + step < across; x += step)
        if (!this.alike(x, y, step)) cells.push(y * across + x);
    return cells;
  }

  /** Places half a step between the corners of these cells that nobody has asked for and that are wanted. */
  amid(cells: readonly number[], step: number, asked: Uint8Array): readonly number[] {
    const { across } = this;
    const half = step / 2;
    const places: number[] = [];
    for (const cell of cells)
      for (let n = 0; n < BETWEEN.length; n++) {
        const [dx, dy] = BETWEEN[n]!;
        const i = cell + (dy * across + dx) * half;
        if (asked[i]) continue;
        asked[i] = 1;
        if (nearPaint(this.view, i % across, Math.floor(i / across), half)) places.push(i);
      }
    return places;
  }

  /** Fills in what nobody asked for: there corners are alike. */
  blendRest(step: number, asked: Uint8Array): void {
    const { across, down } = this;
    const half = step / 2;
    for (let y = 0; y + step < down; y += step)
      for (let x = 0; x + step < across; x += step)
        for (let n = 0; n < BETWEEN.length; n++) {
          const [dx, dy] = BETWEEN[n]!;
          const to = (y + dy * half) * across + x + dx * half;
          if (!asked[to]) this.between(this.births, to, x, y, step, dx / 2, dy / 2);
        }
  }

  /** Cells with a traced place on their side that is unlike both of that side's ends, and whose middle has not been asked for. */
  besideThreads(traced: readonly number[], step: number, asked: Uint8Array): number[] {
    const { across, down } = this;
    const half = step / 2;
    const found: number[] = [];
    for (const i of traced) {
      const [x, y] = [i % across, Math.floor(i / across)];
      const alongX = x % step !== 0;
      if (alongX === (y % step !== 0)) continue;
      const [from, to] = alongX ? [i - half, i + half] : [i - half * across, i + half * across];
      if (this.sameKind(i, from) || this.sameKind(i, to)) continue;
      const beside = alongX
        ? [
            [x - half, y - step],
            [x - half, y],
          ]
        : [
            [x - step, y - half],
            [x, y - half],
          ];
      for (const [cx, cy] of beside as [number, number][])
        if (cx >= 0 && cy >= 0 && cx + step < across && cy + step < down)
          if (!asked[(cy + half) * across + cx + half]) found.push(cy * across + cx);
    }
    return found;
  }

  private sameKind(i: number, j: number): boolean {
    const { source, s } = this.births;
    const from = source[i]!;
    if (from !== source[j]) return false;
    return this.strata.one(from) || Math.abs(s[i]! - s[j]!) < ALIKE;
  }

  private alike(x: number, y: number, step: number): boolean {
    const { source, s, xi, eta, wave } = this.births;
    const a = y * this.across + x;
    const b = a + step;
    const c = a + step * this.across;
    const d = c + step;
    const from = source[a]!;
    if (source[b] !== from || source[c] !== from || source[d] !== from) return false;
    if (from === NONE || this.strata.one(from)) return true;
    return (
      spread(s, a, b, c, d) < ALIKE &&
      spread(wave, a, b, c, d) < ALIKE_WAVE &&
      spread(xi, a, b, c, d) < ALIKE_ACROSS &&
      spread(eta, a, b, c, d) < ALIKE_ACROSS
    );
  }

  /** Writes at `to` the birth a share u, v of the way across the lattice cell at (x, y), whose corners are alike. */
  private between(
    out: Births,
    to: number,
    x: number,
    y: number,
    step: number,
    u: number,
    v: number,
  ): void {
    const { source, s, xi, eta, wave } = this.births;
    const a = y * this.across + x;
    const b = a + step;
    const c = a + step * this.across;
    const d = c + step;
    out.source[to] = source[a]!;
    out.s[to] = blend(s, a, b, c, d, u, v);
    out.xi[to] = blend(xi, a, b, c, d, u, v);
    out.eta[to] = blend(eta, a, b, c, d, u, v);
    out.wave[to] = blend(wave, a, b, c, d, u, v);
  }
}

const spread = (f: Float32Array, a: number, b: number, c: number, d: number): number =>
  Math.max(f[a]!, f[b]!, f[c]!, f[d]!) - Math.min(f[a]!, f[b]!, f[c]!, f[d]!);

/** Bilinear between four entries. */
const blend = (
  f: Float32Array,
  a: number,
  b: number,
  c: number,
  d: number,
  u: number,
  v: number,
): number => (f[a]! * (1 - u) + f[b]! * u) * (1 - v) + (f[c]! * (1 - u) + f[d]! * u) * v;

/** Places between the corners of a lattice cell, in half steps. */
const BETWEEN = [
  [1, 0],
  [0, 1],
  [2, 1],
  [1, 2],
  [1, 1],
] as const;
