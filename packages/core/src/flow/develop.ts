import type { FilmKernel } from './kernel';
import { maskOf } from './mask';
import { coverage, filmHeight } from './outline';
import type { Pour } from './simulate';
import { type Placed, type Strata, strataOf } from './strata';
import { type Births, emptyBirths, NONE, type Places, traceBirths } from './trace';

/**
 * Depths a pixel's column is known at, surface first: height ÷ wet height. Close together at the top, where light
 * still gets through.
 */
export const DEPTHS = [1, 0.92, 0.78, 0.57, 0.22] as const;

/** Pixels between places of the first, coarse lattice; halved until it is one at the surface, once not far below it, where paint is seen through paint. */
const COARSE = 4;
/** Heights above this are not far below the surface. */
const NEAR = 0.7;
/** Corners of a lattice cell that came from one stream within this share of its paint need no place between them traced. */
const ALIKE = 0.05;
/** How far a thread is followed at each step of the lattice, in its cells. */
const THREAD_ROUNDS = 12;
/** The same for the waves of its layers, and for places across it. */
const ALIKE_WAVE = 0.4;
const ALIKE_ACROSS = 0.4;

/** A picture before its colours. Pixels row-major, `width` × `height`; all arrays are one entry a pixel. */
export interface Plate {
  readonly width: number;
  readonly height: number;
  /** Stratum at each depth; `NONE` off the paint. See `mixesOf` for the numbers. */
  readonly strata: readonly Uint16Array[];
  /** Between each depth and the next: how far down the stratum changes, 0..255. */
  readonly changes: readonly Uint8Array[];
  /** Wet height, µm. */
  readonly filmUm: Float32Array;
  /** How much of a pixel is covered, 0..255. */
  readonly cover: Uint8Array;
  /** How much of a pixel is on the surface, 0..255. */
  readonly on: Uint8Array;
}

export interface Developed {
  readonly plate: Plate;
  /** Share of the picture's work done, and whether this is the last. */
  readonly share: number;
  readonly last: boolean;
}

/**
 * Finds the strata of every pixel of a picture whose longer side has `pixels`. A generator of plates, coarse then fine:
 * between plates it yields the share done. Places whose corners agree are filled in, the others traced.
 */
export function* develop(
  pour: Pour,
  kernel: FilmKernel,
  pixels: number,
): Generator<number | Developed, void> {
  const { widthMm, heightMm } = pour.scene;
  const perMm = pixels / Math.max(widthMm, heightMm);
  const width = Math.max(1, Math.round(widthMm * perMm));
  const height = Math.max(1, Math.round(heightMm * perMm));
  const view = yield* at(0, viewOf(pour, width, height));
  const strata = strataOf(pour.scene);
  const surface = new Lattice(view, strata);

  yield* within(surface.traceAll(kernel, 1, COARSE), 0, 0.2);
  const rough = yield* at(0.2, viewOf(pour, width, height, COARSE));
  const first = yield* at(
    0.2,
    plateOf(rough, strata, [depthOf(strata, surface.every(COARSE))], rough.width),
  );
  yield { plate: first, share: 0.2, last: false };

  const below: Depth[] = [];
  // One lattice for all depths below, and one place to fill it in: what is kept of each is small.
  const lattice = new Lattice(view, strata);
  const whole = emptyBirths(lattice.births.source.length);
  for (const [k, z] of DEPTHS.slice(1).entries()) {
    lattice.births.source.fill(NONE);
    const from = 0.2 + 0.1 * k;
    yield* within(lattice.traceAll(kernel, z, COARSE), from, from + 0.05);
    const near = z > NEAR;
    if (near) yield* within(lattice.refine(kernel, z, COARSE), from + 0.05, from + 0.1);
    yield* at(from + 0.1, lattice.fill(whole, near ? COARSE / 2 : COARSE));
    below.push(depthOf(strata, whole));
  }
  for (let step = COARSE; step > 1; step /= 2) {
    const from = step === COARSE ? 0.6 : 0.8;
    yield* within(surface.refine(kernel, 1, step), from, from + 0.2);
  }
  const top = depthOf(strata, surface.births);
  const plate = yield* at(1, plateOf(view, strata, [top, ...below], surface.across));
  yield { plate, share: 1, last: true };
}

/** Rows worked through between two yields: some milliseconds' worth. */
const ROWS = 48;

/** Work without a share of its own: told as one share all the while. */
function* at<T>(share: number, work: Generator<void, T>): Generator<number, T> {
  let step = work.next();
  while (!step.done) {
    yield share;
    step = work.next();
  }
  return step.value;
}

/** What is kept of the births at one depth. */
interface Depth extends Placed {
  readonly source: Uint16Array;
}

const depthOf = (strata: Strata, births: Births): Depth => ({
  source: births.source.slice(),
  ...strata.place(births),
});

/** Strata of each depth and where they change in between; depths not traced are as the last one that is. */
function* plateOf(
  { width, height, filmUm, cover, on }: View,
  strata: Strata,
  depths: readonly Depth[],
  across: number,
): Generator<void, Plate> {
  yield;
  const planes = DEPTHS.map((_, d) => {
    const { stratum } = depths[Math.min(d, depths.length - 1)]!;
    const plane = new Uint16Array(width * height).fill(NONE);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++)
        if (cover[y * width + x]) plane[y * width + x] = stratum[y * across + x]!;
    return plane;
  });
  const changes = DEPTHS.slice(1).map(() => new Uint8Array(width * height).fill(128));
  for (const [d, plane] of changes.entries()) {
    const [top, low] = [depths[d], depths[d + 1]];
    if (!top || !low) continue;
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        const at = y * across + x;
        if (top.stratum[at] === low.stratum[at] || top.source[at] !== low.source[at]) continue;
        plane[y * width + x] = Math.round(
          255 * strata.change(top.source[at]!, top.bin[at]!, low.bin[at]!),
        );
      }
    yield;
  }
  return { width, height, strata: planes, changes, filmUm, cover, on };
}

function* within(work: Generator<number, void>, from: number, to: number): Generator<number, void> {
  for (const share of work) yield from + (to - from) * share;
}

/** What is known of each pixel without a trace. */
interface View extends Pick<Plate, 'width' | 'height' | 'filmUm' | 'cover' | 'on'> {
  readonly pour: Pour;
  /** Cells of the film a pixel of the finished picture, and where its corner lies in cells. */
  readonly cellsX: number;
  readonly cellsY: number;
  readonly fromX: number;
  readonly fromY: number;
}

/** The view of a picture `width` × `height`, or of every `step`-th of its pixels. */
function* viewOf(pour: Pour, width: number, height: number, step = 1): Generator<void, View> {
  const { site, scene } = pour;
  const covered = coverage(pour);
  const film = filmHeight(pour);
  const [across, down] = [Math.ceil(width / step), Math.ceil(height / step)];
  const filmUm = new Float32Array(across * down);
  const cover = new Uint8Array(across * down);
  const on = maskOf(
    scene.rings,
    across,
    down,
    width / scene.widthMm / step,
    height / scene.heightMm / step,
  );
  const cellsX = scene.widthMm / width / site.cellMm;
  const cellsY = scene.heightMm / height / site.cellMm;
  const fromX = site.originMm[0] / site.cellMm;
  const fromY = site.originMm[1] / site.cellMm;
  // The outline is as wide as a pixel: coverage climbs from 0 to 1 over about two cells.
  const sharpness = Math.max(2, 1 / (cellsX * step));
  for (let y = 0; y < down; y++) {
    if (y % ROWS === ROWS - 1) yield;
    for (let x = 0; x < across; x++) {
      const i = y * across + x;
      const cx = (x * step + 0.5) * cellsX + fromX;
      const cy = (y * step + 0.5) * cellsY + fromY;
      if (!on[i]) continue;
      const sure = 0.5 + sharpness * (covered(cx, cy) - 0.5);
      cover[i] = Math.round(255 * Math.min(1, Math.max(0, sure)));
      filmUm[i] = 1e6 * film(cx, cy);
    }
  }
  return { pour, width: across, height: down, filmUm, cover, on, cellsX, cellsY, fromX, fromY };
}

/** Births on a lattice of pixels, wide enough for whole coarse steps. */
class Lattice {
  readonly across: number;
  readonly down: number;
  readonly births: Births;

  constructor(
    private readonly view: View,
    private readonly strata: Strata,
  ) {
    this.across = COARSE * Math.ceil((view.width - 1) / COARSE) + 1;
    this.down = COARSE * Math.ceil((view.height - 1) / COARSE) + 1;
    this.births = emptyBirths(this.across * this.down);
  }

  /** Traces every `step`-th place at one depth. */
  *traceAll(kernel: FilmKernel, z: number, step: number): Generator<number, void> {
    const wanted: number[] = [];
    for (let y = 0; y < this.down; y += step)
      for (let x = 0; x < this.across; x += step)
        if (this.wanted(x, y, step)) wanted.push(y * this.across + x);
    yield* this.trace(kernel, z, wanted);
  }

  /**
   * Fills in or traces the places half a step between those known at one depth. A place that turns out unlike its
   * neighbours lies on a thread finer than the lattice; the cells beside it are asked too, so that threads do not break up.
   */
  *refine(kernel: FilmKernel, z: number, step: number): Generator<number, void> {
    const half = step / 2;
    const { across, down } = this;
    const asked = new Uint8Array(across * down);
    let cells: number[] = [];
    for (let y = 0; y + step < down; y += step)
      for (let x = 0; x + step < across; x += step)
        if (!this.alike(x, y, step)) cells.push(y * across + x);
    for (let round = 0; round < THREAD_ROUNDS && cells.length > 0; round++) {
      const wanted: number[] = [];
      for (const cell of cells)
        for (const [dx, dy] of BETWEEN) {
          const i = cell + (dy * across + dx) * half;
          if (asked[i]) continue;
          asked[i] = 1;
          if (this.wanted(i % across, Math.floor(i / across), half)) wanted.push(i);
        }
      yield* this.trace(kernel, z, wanted);
      cells = this.besideThreads(wanted, step, asked);
    }
    for (let y = 0; y + step < down; y += step)
      for (let x = 0; x + step < across; x += step)
        for (const [dx, dy] of BETWEEN)
          if (!asked[(y + dy * half) * across + x + dx * half])
            this.between(this.births, x, y, step, dx / 2, dy / 2, true);
  }

  /** Cells with a traced place on their side that is unlike both of that side's ends, and whose middle has not been asked for. */
  private besideThreads(traced: readonly number[], step: number, asked: Uint8Array): number[] {
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

  /** Every `step`-th birth of every `step`-th row, as many as the picture has. */
  every(step: number): Births {
    const [width, height] = [Math.ceil(this.view.width / step), Math.ceil(this.view.height / step)];
    const out = emptyBirths(width * height);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++)
        copy(this.births, (y * this.across + x) * step, out, y * width + x);
    return out;
  }

  /** Fills in every pixel of `out` from the places `step` apart: between corners that agree, else as the likeliest. */
  *fill(out: Births, step: number): Generator<void, void> {
    for (let y = 0; y < this.down; y += step) {
      if (y % ROWS === 0) yield;
      for (let x = 0; x < this.across; x += step) {
        const [cx, cy] = [Math.min(x, this.across - 1 - step), Math.min(y, this.down - 1 - step)];
        const alike = this.alike(cx, cy, step);
        for (let ty = y; ty < Math.min(y + step, this.down); ty++)
          for (let tx = x; tx < Math.min(x + step, this.across); tx++)
            this.between(out, cx, cy, step, (tx - cx) / step, (ty - cy) / step, alike);
      }
    }
  }

  /** Whether a place has paint within a step of it; off the paint there is nothing to trace. */
  private wanted(x: number, y: number, step: number): boolean {
    for (const dy of [-step, 0, step])
      for (const dx of [-step, 0, step]) {
        const px = Math.min(Math.max(x + dx, 0), this.view.width - 1);
        const py = Math.min(Math.max(y + dy, 0), this.view.height - 1);
        if (this.view.cover[py * this.view.width + px]) return true;
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

  /** Writes the birth a share u, v of the way across the lattice cell at (x, y); the nearest corner's unless they are alike. */
  private between(
    out: Births,
    x: number,
    y: number,
    step: number,
    u: number,
    v: number,
    alike: boolean,
  ): void {
    const { source, s, xi, eta, wave } = this.births;
    const a = y * this.across + x;
    const to = (y + Math.round(v * step)) * this.across + x + Math.round(u * step);
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

  private *trace(
    kernel: FilmKernel,
    z: number,
    wanted: readonly number[],
  ): Generator<number, void> {
    const { cellsX, cellsY, fromX, fromY, pour } = this.view;
    const places: Places = {
      index: Int32Array.from(wanted),
      x: Float32Array.from(wanted, (i) => ((i % this.across) + 0.5) * cellsX + fromX),
      y: Float32Array.from(wanted, (i) => (Math.floor(i / this.across) + 0.5) * cellsY + fromY),
      z: new Float32Array(wanted.length).fill(z),
      count: wanted.length,
    };
    yield* traceBirths(pour, kernel, places, this.births);
    for (const i of wanted) this.births.wave[i] = this.strata.wave(this.births, i);
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
