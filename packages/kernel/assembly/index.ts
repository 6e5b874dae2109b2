export { dye, layOutDye } from './dye';

// The film kernel: one film and one block of samples in one memory, laid out by `layOut`.
import { circulateSamples } from './circulate';
import { carryIn, setFluidity } from './layers';
import { motion, placeMotion, tellProfile, unpackField } from './motion';
import { listNear } from './nearby';
import { bottom, left, reach, right, top } from './reach';
import { drive, sweepColumns, transpose } from './sweep';
import { keepWithin, traceSamples } from './trace';

/** Less than this is dropped, m: numbers near nothing are denormal, and those cost a processor a hundredfold. */
const TRACE: f32 = 1e-13;

let nx: i32 = 0;
let ny: i32 = 0;
let dx: f32 = 0;
let cells: usize = 0;

// Offsets in bytes. Floats of `cells` each, then work space.
let h: usize = 0;
let ground: usize = 0;
let source: usize = 0;
let lower: usize = 0;
let lnNu: usize = 0;
let pushX: usize = 0;
let pushY: usize = 0;
let shearX: usize = 0;
let shearY: usize = 0;
let fluidity: usize = 0;
let excess: usize = 0;
let samples: usize = 0;
let sampleBytes: usize = 0;
let packed: usize = 0;
let most: usize = 0;
let round: usize = 0;
let nearby: usize = 0;
let remembered: usize = 0;
let fluxX: usize = 0;
let fluxY: usize = 0;
let before: usize = 0;
let field: usize = 0;
let turnedH: usize = 0;
let turnedGround: usize = 0;
let turnedFlux: usize = 0;
let turnedPush: usize = 0;
let turnedShear: usize = 0;
let turnedLower: usize = 0;
let turnedLnNu: usize = 0;
let turnedFluidity: usize = 0;
let lines: usize = 0;
let carried: usize = 0;

let end: usize = 0;

/** The next `bytes` of the memory, on a whole sixteen. */
function take(bytes: usize): usize {
  const at = end;
  end = (at + bytes + 15) & ~15;
  return at;
}

/**
 * Lays out the memory for a grid (both sides multiples of four) and a block of samples (a multiple of four); returns
 * where it starts. First, for the host to read and write: h, ground, source, lower, lnNu, the four fields of force, fluidity and excess of the profile (a float a cell), x, y, z of the samples,
 * the packed motion (four planes of sixteen bits) and the three numbers its largest stand for, what goes round beside it (four floats a cell),
 * x, y, z of the samples before the frame, and the list of `near`.
 */
export function layOut(nx_: i32, ny_: i32, dx_: f32, sampleCount: i32): usize {
  nx = nx_;
  ny = ny_;
  dx = dx_;
  const n = <usize>(nx * ny);
  cells = n << 2;
  sampleBytes = (<usize>sampleCount) << 2;
  const start = (__heap_base + 15) & ~15;
  end = start;
  h = take(cells);
  ground = take(cells);
  source = take(cells);
  lower = take(cells);
  lnNu = take(cells);
  pushX = take(cells);
  pushY = take(cells);
  shearX = take(cells);
  shearY = take(cells);
  fluidity = take(cells);
  excess = take(cells);
  samples = take(3 * sampleBytes);
  packed = take(8 * n);
  most = take(16);
  round = take(4 * cells);
  remembered = take(3 * sampleBytes);
  nearby = take(sampleBytes);
  fluxX = take(cells);
  fluxY = take(cells);
  before = take(cells);
  field = take(4 * cells);
  turnedH = take(cells);
  turnedGround = take(cells);
  turnedFlux = take(cells);
  turnedPush = take(cells);
  turnedShear = take(cells);
  turnedLower = take(cells);
  turnedLnNu = take(cells);
  turnedFluidity = take(cells);
  lines = take((<usize>max(nx, ny) + 2) << 6);
  carried = take((<usize>max(nx, ny) + 2) * 48);
  placeMotion(field, take(cells), take(n), take(cells), take(4 * cells), excess);
  const pages = <i32>((end + 0xffff) >>> 16) - memory.size();
  if (pages > 0) memory.grow(pages);
  memory.fill(start, 0, end - start);
  return start;
}

/** One step; see `stepFilm` of the twin. `told`: the host has said how each cell runs; see `tellStanding` there. */
export function step(
  nu: f32,
  gx: f32,
  gy: f32,
  gz: f32,
  fields: bool,
  layered: bool,
  told: bool,
  lowerNu: f32,
  arrivingLnNu: f32,
  dt: f32,
  xFirst: bool,
): void {
  if (layered) carryIn(h, lower, lnNu, source, cells, arrivingLnNu, dt);
  const over = f32x4.splat(dt);
  const trace = f32x4.splat(TRACE);
  for (let i: usize = 0; i < cells; i += 16) {
    const fed = f32x4.add(v128.load(h + i), f32x4.mul(over, v128.load(source + i)));
    v128.store(h + i, v128.and(fed, f32x4.ge(fed, trace)));
  }
  if (layered && !told) setFluidity(h, lower, lnNu, fluidity, cells, lowerNu);
  drive(nu, lowerNu, gz, dx, dt);
  if (xFirst) sweepRows(gx, fields, layered);
  sweepColumns(
    h,
    ground,
    fluxY,
    lines,
    nx,
    ny,
    gy,
    fields,
    pushY,
    shearY,
    layered,
    fluidity,
    lower,
    lnNu,
    carried,
  );
  if (!xFirst) sweepRows(gx, fields, layered);
}

function sweepRows(gx: f32, fields: bool, layered: bool): void {
  transpose(h, turnedH, nx, ny);
  transpose(ground, turnedGround, nx, ny);
  if (fields) {
    transpose(pushX, turnedPush, nx, ny);
    transpose(shearX, turnedShear, nx, ny);
  }
  if (layered) {
    transpose(fluidity, turnedFluidity, nx, ny);
    transpose(lower, turnedLower, nx, ny);
    transpose(lnNu, turnedLnNu, nx, ny);
  }
  sweepColumns(
    turnedH,
    turnedGround,
    turnedFlux,
    lines,
    ny,
    nx,
    gx,
    fields,
    turnedPush,
    turnedShear,
    layered,
    turnedFluidity,
    turnedLower,
    turnedLnNu,
    carried,
  );
  transpose(turnedH, h, ny, nx);
  if (layered) {
    transpose(turnedLower, lower, ny, nx);
    transpose(turnedLnNu, lnNu, ny, nx);
  }
}

/** Begins a frame: notes the heights and sums fluxes anew. */
export function beginFrame(): void {
  memory.copy(before, h, cells);
  memory.fill(turnedFlux, 0, cells);
  memory.fill(fluxY, 0, cells);
}

/** Works out how the film moved since, into `packed` and `most`. `told`: the host has said the excess of each cell. */
export function endFrame(layered: bool, told: bool, lowerNu: f32): void {
  transpose(turnedFlux, fluxX, ny, nx);
  tellProfile(layered, told, lower, lnNu, lowerNu);
  motion(h, before, ground, fluxX, fluxY, nx, ny, dx, packed, most);
}

/**
 * Finds the rows of a motion that its next `trace` takes the first `n` samples through, from `topRow` to before `bottomRow`; in `most` stands what its
 * largest numbers stand for.
 */
export function findRows(n: i32): void {
  reach(samples, samples + sampleBytes, n, nx, ny, load<f32>(most), load<f32>(most, 4));
}

export function topRow(): i32 {
  return top;
}

export function bottomRow(): i32 {
  return bottom;
}

/** Takes the first `n` samples back through the motion whose rows stand in `packed`; outside these cells nothing moves. */
export function trace(
  n: i32,
  boxLeft: i32,
  boxTop: i32,
  boxRight: i32,
  boxBottom: i32,
  layered: bool,
): void {
  unpackField(packed, most, nx, nx * ny, left, top, right, bottom, layered);
  keepWithin(boxLeft, boxTop, boxRight, boxBottom);
  const ys = samples + sampleBytes;
  const zs = ys + sampleBytes;
  traceSamples(field, nx, ny, samples, ys, zs, n, layered);
}

/** Takes the first `n` samples back through what goes round, within these places. */
export function circulate(left: f32, top: f32, right: f32, bottom: f32, n: i32): void {
  const ys = samples + sampleBytes;
  const zs = ys + sampleBytes;
  circulateSamples(round, nx, ny, left, top, right, bottom, samples, ys, zs, n);
}

/** Lists which of the first `n` samples come near a place that moves; returns how many. */
export function near(fromX: f32, fromY: f32, toX: f32, toY: f32, reach: f32, n: i32): i32 {
  return listNear(
    samples,
    samples + sampleBytes,
    remembered,
    remembered + sampleBytes,
    n,
    fromX,
    fromY,
    toX,
    toY,
    reach,
    nearby,
  );
}
