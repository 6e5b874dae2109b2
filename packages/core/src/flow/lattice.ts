import type { FilmKernel } from './kernel';
import type { Strata } from './strata';
import { type Births, emptyBirths, NONE, type Places, traceBirths } from './trace';
import type { View } from './view';

/** Corners of a lattice cell that came from one stream within this share of its paint need no place between them traced. */
const ALIKE = 0.05;
/** How far a thread is followed at each step of the lattice, in its cells. */
const THREAD_ROUNDS = 12;
const WORTH_A_ROUND = 200;
/** The same for the waves of its layers, and for places across it. */
const ALIKE_WAVE = 0.4;
const ALIKE_ACROSS = 0.4;

/** A lattice that is to be traced at one height of the film, and which of its places. */
interface Ask {
  readonly lattice: Lattice;
  readonly wanted: readonly number[];
}

/** Traces every `step`-th place of lattices of one field, all at once: going back through a pour costs more than how many do. */
export function* traceAll(
  kernel: FilmKernel,
  lattices: readonly Lattice[],
  step: number,
): Generator<number, void> {
  yield* traceOn(
    kernel,
    lattices.map((lattice) => ({ lattice, wanted: lattice.every(step) })),
  );
  for (const lattice of lattices) lattice.known = step;
}

/**
 * Fills in or traces the places half a step between those known. A place that turns out unlike its neighbours lies on a thread finer
 * than the lattice; the cells beside it are asked too, so that threads do not break up.
 */
export function* refine(
  kernel: FilmKernel,
  lattices: readonly Lattice[],
  step: number,
): Generator<number, void> {
  const asked = lattices.map(({ across, down }) => new Uint8Array(across * down));
  let cells = lattices.map((lattice) => lattice.unlike(step));
  // Every round goes back through the whole pour: not for a handful of places.
  const enough = (round: number) =>
    cells.reduce((sum, c) => sum + c.length, 0) < (round === 0 ? 1 : WORTH_A_ROUND);
  for (let round = 0; round < THREAD_ROUNDS && !enough(round); round++) {
    const asks = lattices.map((lattice, n) => ({
      lattice,
      wanted: lattice.amid(cells[n]!, step, asked[n]!),
    }));
    yield* traceOn(kernel, asks);
    cells = asks.map(({ lattice, wanted }, n) => lattice.besideThreads(wanted, step, asked[n]!));
  }
  lattices.forEach((lattice, n) => {
    lattice.blendRest(step, asked[n]!);
    lattice.known = step / 2;
  });
}

function* traceOn(kernel: FilmKernel, asks: readonly Ask[]): Generator<number, void> {
  const [first] = asks;
  const count = asks.reduce((sum, { wanted }) => sum + wanted.length, 0);
  if (!first || count === 0) return;
  const places: Places = {
    index: new Int32Array(count),
    x: new Float32Array(count),
    y: new Float32Array(count),
    z: new Float32Array(count),
    count,
  };
  let from = 0;
  for (const { lattice, wanted } of asks) {
    lattice.placesOf(wanted, places, from);
    from += wanted.length;
  }
  yield* traceBirths(first.lattice.view.pour, kernel, places, first.lattice.field);
  for (const { lattice, wanted } of asks) lattice.waveAt(wanted);
}

/** As many lattices as heights, each with its part of one field of births, so that all can be traced at once. */
export function latticesAt(
  heights: readonly number[],
  view: View,
  strata: Strata,
  coarse: number,
  unit: number,
): readonly Lattice[] {
  const [across, down] = [view.width, view.height].map(
    (pixels) => coarse * Math.max(1, Math.ceil(Math.ceil((pixels - 1) / unit) / coarse)) + 1,
  ) as [number, number];
  const field = emptyBirths(across * down * heights.length);
  return heights.map((z, n) => new Lattice(view, strata, z, unit, across, down, field, n));
}

/** Births at one height of the film on a lattice every `unit` pixels, wide enough for whole steps of the coarsest. */
export class Lattice {
  readonly births: Births;
  /** Steps between places that are known. */
  known = 0;
  private readonly offset: number;

  constructor(
    readonly view: View,
    private readonly strata: Strata,
    readonly z: number,
    readonly unit: number,
    readonly across: number,
    readonly down: number,
    readonly field: Births,
    nth: number,
  ) {
    const count = across * down;
    this.offset = nth * count;
    const own = <T extends Float32Array | Uint16Array>(all: T): T =>
      all.subarray(this.offset, this.offset + count) as T;
    this.births = {
      source: own(field.source),
      s: own(field.s),
      xi: own(field.xi),
      eta: own(field.eta),
      wave: own(field.wave),
    };
  }

  /** Writes where these places of the lattice are, from `from` on. */
  placesOf(wanted: readonly number[], { index, x, y, z }: Places, from: number): void {
    const { cellsX, cellsY, fromX, fromY } = this.view;
    const { unit, across, offset } = this;
    for (let n = 0; n < wanted.length; n++) {
      const i = wanted[n]!;
      index[from + n] = offset + i;
      x[from + n] = ((i % across) * unit + 0.5) * cellsX + fromX;
      y[from + n] = (Math.floor(i / across) * unit + 0.5) * cellsY + fromY;
      z[from + n] = this.z;
    }
  }

  waveAt(places: readonly number[]): void {
    for (let n = 0; n < places.length; n++) {
      const i = places[n]!;
      this.births.wave[i] = this.strata.wave(this.births, i);
    }
  }

  /** Every `step`-th place that is wanted. */
  every(step: number): readonly number[] {
    const places: number[] = [];
    for (let y = 0; y < this.down; y += step)
      for (let x = 0; x < this.across; x += step)
        if (this.wanted(x, y, step)) places.push(y * this.across + x);
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
        if (this.wanted(i % across, Math.floor(i / across), half)) places.push(i);
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
          if (!asked[to]) this.between(this.births, to, x, y, step, dx / 2, dy / 2, true);
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
    return source[i] === source[j] && Math.abs(s[i]! - s[j]!) < ALIKE;
  }

  /** Fills in the births of a row of pixels from the places known: between corners that agree, else as the likeliest. */
  row(y: number, out: Births): void {
    const { across, down, known } = this;
    const pixels = known * this.unit;
    if (pixels === 1) {
      // Every pixel is known: nothing lies between.
      for (let x = 0; x < this.view.width; x++) copy(this.births, y * across + x, out, x);
      return;
    }
    const cy = Math.min(Math.floor(y / pixels) * known, down - 1 - known);
    const v = (y / this.unit - cy) / known;
    for (let cx = 0; cx < across - known; cx += known) {
      const from = cx * this.unit;
      // The last cell has the place at its end too.
      const { width } = this.view;
      const upTo = cx + 2 * known < across ? Math.min(from + pixels, width) : width;
      const alike = this.alike(cx, cy, known);
      for (let x = from; x < upTo; x++)
        this.between(out, x, cx, cy, known, (x - from) / pixels, v, alike);
    }
  }

  /** Whether a place has paint within a step of it; off the paint there is nothing to trace. */
  private wanted(x: number, y: number, step: number): boolean {
    const { unit } = this;
    const { width, height, cover } = this.view;
    for (let dy = -step; dy <= step; dy += step)
      for (let dx = -step; dx <= step; dx += step) {
        const px = Math.min(Math.max((x + dx) * unit, 0), width - 1);
        const py = Math.min(Math.max((y + dy) * unit, 0), height - 1);
        if (cover[py * width + px]) return true;
      }
    return false;
  }

  private alike(x: number, y: number, step: number): boolean {
    const { source, s, xi, eta, wave } = this.births;
    const a = y * this.across + x;
    const b = a + step;
    const c = a + step * this.across;
    const d = c + step;
    const from = source[a]!;
    if (source[b] !== from || source[c] !== from || source[d] !== from) return false;
    if (from === NONE) return true;
    return (
      spread(s, a, b, c, d) < ALIKE &&
      spread(wave, a, b, c, d) < ALIKE_WAVE &&
      spread(xi, a, b, c, d) < ALIKE_ACROSS &&
      spread(eta, a, b, c, d) < ALIKE_ACROSS
    );
  }

  /** Writes at `to` the birth a share u, v of the way across the lattice cell at (x, y); the nearest corner's unless they are alike. */
  private between(
    out: Births,
    to: number,
    x: number,
    y: number,
    step: number,
    u: number,
    v: number,
    alike: boolean,
  ): void {
    const { source, s, xi, eta, wave } = this.births;
    const a = y * this.across + x;
    const b = a + step;
    const c = a + step * this.across;
    const d = c + step;
    if (!alike) {
      copy(this.births, this.likeliest([a, b, c, d], u, v), out, to);
      return;
    }
    out.source[to] = source[a]!;
    out.s[to] = blend(s, a, b, c, d, u, v);
    out.xi[to] = blend(xi, a, b, c, d, u, v);
    out.eta[to] = blend(eta, a, b, c, d, u, v);
    out.wave[to] = blend(wave, a, b, c, d, u, v);
  }

  /**
   * Of four corners that are not alike, the one whose kind has most weight at u, v: so that the border between two kinds
   * runs through the lattice cell as a line and not along its sides.
   */
  private likeliest(corners: readonly number[], u: number, v: number): number {
    const weight = (k: number) => (k % 2 ? u : 1 - u) * (k > 1 ? v : 1 - v);
    let best = corners[0]!;
    let most = -1;
    let nearest = -1;
    for (let k = 0; k < 4; k++) {
      const i = corners[k]!;
      let sum = 0;
      for (let j = 0; j < 4; j++) {
        const o = corners[j]!;
        if (this.sameKind(o, i)) sum += weight(j);
      }
      // Among corners of one kind, the nearest.
      if (sum > most + 1e-6 || (sum > most - 1e-6 && weight(k) > nearest)) {
        most = sum;
        best = i;
        nearest = weight(k);
      }
    }
    return best;
  }
}

function copy(from: Births, i: number, to: Births, j: number): void {
  to.source[j] = from.source[i]!;
  to.s[j] = from.s[i]!;
  to.xi[j] = from.xi[i]!;
  to.eta[j] = from.eta[i]!;
  to.wave[j] = from.wave[i]!;
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
