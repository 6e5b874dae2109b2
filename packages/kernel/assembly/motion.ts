// Twin of packages/core/src/flow/motion.ts in single precision.

const DRY: f32 = 20e-6;
const THIN: f32 = 0.25e-3;
const MOST_STRETCH: f32 = 2;
const MOST_PILED: f32 = 4;
const BORROWED: f32 = 5e-6;
const RINGS: i32 = 2;
const PASSES: i32 = 1;
const LEAST: f32 = 1e-12;
const WHOLE: f32 = 32766;

import { keepWhereWet, setExcess } from './layers';

// Where its work space lies: `field` four floats a cell, the motion and a one, so that weighted sums bring their weights
// along; `weight` a float, `soft` a byte, `list` a whole number, `fresh` four floats.
let field: usize, weight: usize, soft: usize, list: usize, fresh: usize, excess: usize;

// What a frame's profile hangs on.
let layered: bool, told: bool, lower: usize, lnNu: usize, lowerNu: f32;

/** Says what the next motion's profile hangs on: whether it is of two films, and which; and whether its excess stands there already. */
export function tellProfile(
  layered_: bool,
  told_: bool,
  lower_: usize,
  lnNu_: usize,
  lowerNu_: f32,
): void {
  layered = layered_;
  told = told_;
  lower = lower_;
  lnNu = lnNu_;
  lowerNu = lowerNu_;
}

/** See `MOST_EXCESS`. */
const MOST_EXCESS: f32 = 0.5;

export function placeMotion(
  field_: usize,
  weight_: usize,
  soft_: usize,
  list_: usize,
  fresh_: usize,
  excess_: usize,
): void {
  field = field_;
  weight = weight_;
  soft = soft_;
  list = list_;
  fresh = fresh_;
  excess = excess_;
}

function faceHeight(ground: v128, height: v128, own: v128): v128 {
  return v128.bitselect(height, own, f32x4.ge(ground, f32x4.splat(0)));
}

/** See there. */
function overLogMean(r2: v128): v128 {
  const above = f32x4.sub(f32x4.splat(105), f32x4.mul(f32x4.splat(55), r2));
  const below = f32x4.sub(f32x4.mul(f32x4.splat(9), r2), f32x4.splat(90));
  return f32x4.div(above, f32x4.add(f32x4.splat(105), f32x4.mul(below, r2)));
}

/** See `motionOf`. Writes the planes at `packed` and what their largest number stands for at `most`. */
export function motion(
  h: usize,
  before: usize,
  ground: usize,
  fluxX: usize,
  fluxY: usize,
  nx: i32,
  ny: i32,
  dx: f32,
  packed: usize,
  most: usize,
): void {
  const n = nx * ny;
  const bytes = (<usize>n) << 2;
  const row = (<usize>nx) << 2;
  const zero = f32x4.splat(0);
  const half = f32x4.splat(0.5);
  for (let i: usize = 0; i < bytes; i += 16)
    v128.store(
      weight + i,
      v128.and(
        f32x4.mul(half, f32x4.add(v128.load(before + i), v128.load(h + i))),
        f32x4.ge(v128.load(ground + i), zero),
      ),
    );
  memory.fill(soft, 0, n);
  memory.fill(field, 0, bytes << 2);
  let count: i32 = 0;
  const dry = f32x4.splat(DRY);
  const thin = f32x4.splat(THIN);
  const two = f32x4.splat(2);
  const cell = f32x4.splat(dx);
  // The first and last cell of a row lie outside and have no weight, so four at a time may run over them.
  for (let y = 1; y < ny - 1; y++)
    for (let x = 0; x < nx; x += 4) {
      const i = y * nx + x;
      const at = (<usize>i) << 2;
      const own = v128.load(weight + at);
      const wet = f32x4.ge(own, dry);
      if (!v128.any_true(wet)) continue;
      const left = faceHeight(v128.load(ground + at - 4), v128.load(weight + at - 4), own);
      const right = faceHeight(v128.load(ground + at + 4), v128.load(weight + at + 4), own);
      const up = faceHeight(v128.load(ground + at - row), v128.load(weight + at - row), own);
      const down = faceHeight(v128.load(ground + at + row), v128.load(weight + at + row), own);
      const qLeft = v128.load(fluxX + at);
      const qRight = v128.load(fluxX + at + 4);
      const qUp = v128.load(fluxY + at);
      const qDown = v128.load(fluxY + at + row);
      const twice = f32x4.mul(two, own);
      const moveX = f32x4.div(f32x4.add(qLeft, qRight), f32x4.mul(cell, twice));
      const moveY = f32x4.div(f32x4.add(qUp, qDown), f32x4.mul(cell, twice));
      const rose = f32x4.div(f32x4.sub(v128.load(h + at), v128.load(before + at)), twice);
      const stretch = f32x4.div(
        f32x4.mul(
          overLogMean(f32x4.mul(rose, rose)),
          f32x4.add(f32x4.sub(qRight, qLeft), f32x4.sub(qDown, qUp)),
        ),
        f32x4.mul(cell, own),
      );
      storeTurned(
        field + (at << 2),
        v128.and(moveX, wet),
        v128.and(moveY, wet),
        v128.and(
          f32x4.pmin(f32x4.pmax(stretch, f32x4.splat(-MOST_PILED)), f32x4.splat(MOST_STRETCH)),
          wet,
        ),
        v128.and(f32x4.splat(1), wet),
      );
      const ragged = v128.and(
        wet,
        v128.or(
          v128.or(f32x4.lt(own, thin), v128.or(f32x4.lt(left, dry), f32x4.lt(right, dry))),
          v128.or(f32x4.lt(up, dry), f32x4.lt(down, dry)),
        ),
      );
      const bits = i32x4.bitmask(ragged);
      if (bits)
        for (let lane = 0; lane < 4; lane++)
          if (bits & (1 << lane)) {
            store<u8>(soft + i + lane, 1);
            store<i32>(list + ((<usize>count) << 2), i + lane);
            count++;
          }
    }
  for (let i: usize = 0; i < bytes; i += 16) {
    const w = v128.load(weight + i);
    v128.store(weight + i, v128.and(w, f32x4.ge(w, dry)));
  }
  if (told) keepWhereWet(h, weight, excess, bytes);
  else if (layered) setExcess(h, lower, lnNu, weight, excess, bytes, lowerNu, MOST_EXCESS);
  for (let y = 1; y < ny - 1; y++)
    for (let x = 1; x < nx - 1; x++) {
      const i = y * nx + x;
      const at = weight + ((<usize>i) << 2);
      if (load<f32>(at) != 0 || load<u8>(soft + i) || !touches(at, row)) continue;
      if (layered) spreadExcess((<usize>i) << 2, row);
      store<u8>(soft + i, 1);
      store<i32>(list + ((<usize>count) << 2), i);
      count++;
    }
  let from: i32 = 0;
  for (let ring = 1; ring < RINGS; ring++) {
    const to = count;
    for (; from < to; from++) {
      const i = load<i32>(list + ((<usize>from) << 2));
      for (let side = 0; side < 4; side++) {
        const j = i + (side == 0 ? -1 : side == 1 ? 1 : side == 2 ? -nx : nx);
        const x = j % nx;
        if (load<u8>(soft + j) || x == 0 || x == nx - 1 || j < nx || j >= n - nx) continue;
        store<u8>(soft + j, 1);
        store<i32>(list + ((<usize>count) << 2), j);
        count++;
      }
    }
  }
  for (let pass = 0; pass < PASSES; pass++) smooth(count, row);
  pack(packed, most, n);
  if (layered) packExcess(packed + 3 * ((<usize>n) << 1), n);
}

/** Four cells' vectors of four channels each, from four channels of four cells. */
function storeTurned(to: usize, a: v128, b: v128, c: v128, d: v128): void {
  const ab0 = v128.shuffle<f32>(a, b, 0, 4, 1, 5);
  const ab1 = v128.shuffle<f32>(a, b, 2, 6, 3, 7);
  const cd0 = v128.shuffle<f32>(c, d, 0, 4, 1, 5);
  const cd1 = v128.shuffle<f32>(c, d, 2, 6, 3, 7);
  v128.store(to, v128.shuffle<f32>(ab0, cd0, 0, 1, 4, 5));
  v128.store(to, v128.shuffle<f32>(ab0, cd0, 2, 3, 6, 7), 16);
  v128.store(to, v128.shuffle<f32>(ab1, cd1, 0, 1, 4, 5), 32);
  v128.store(to, v128.shuffle<f32>(ab1, cd1, 2, 3, 6, 7), 48);
}

function touches(at: usize, row: usize): bool {
  return (
    load<f32>(at - 4) > 0 ||
    load<f32>(at + 4) > 0 ||
    load<f32>(at - row) > 0 ||
    load<f32>(at + row) > 0 ||
    load<f32>(at - row - 4) > 0 ||
    load<f32>(at - row + 4) > 0 ||
    load<f32>(at + row - 4) > 0 ||
    load<f32>(at + row + 4) > 0
  );
}

function smooth(count: i32, row: usize): void {
  const zero = f32x4.splat(0);
  for (let k = 0; k < count; k++) {
    const at = (<usize>load<i32>(list + ((<usize>k) << 2))) << 2;
    let sum = zero;
    let line = at - row - 4;
    for (let r = 0; r < 3; r++) {
      const w = weight + line;
      const v = field + (line << 2);
      sum = f32x4.add(sum, f32x4.mul(v128.load32_splat(w), v128.load(v)));
      sum = f32x4.add(sum, f32x4.mul(v128.load32_splat(w, 4), v128.load(v, 16)));
      sum = f32x4.add(sum, f32x4.mul(v128.load32_splat(w, 8), v128.load(v, 32)));
      line += row;
    }
    const weighed = f32x4.extract_lane(sum, 3);
    v128.store(
      fresh + ((<usize>k) << 4),
      weighed > 0 ? f32x4.mul(sum, f32x4.splat(1 / weighed)) : zero,
    );
  }
  for (let k = 0; k < count; k++) {
    const at = (<usize>load<i32>(list + ((<usize>k) << 2))) << 2;
    const v = v128.load(fresh + ((<usize>k) << 4));
    v128.store(field + (at << 2), f32x4.replace_lane(v, 3, 1));
    if (
      load<f32>(weight + at) == 0 &&
      (f32x4.extract_lane(v, 0) != 0 || f32x4.extract_lane(v, 1) != 0)
    )
      store<f32>(weight + at, BORROWED);
  }
}

/** The three channels as planes of sixteen bits, scaled to their largest. */
function pack(packed: usize, most: usize, n: i32): void {
  const bytes = (<usize>n) << 4;
  let top = f32x4.splat(LEAST);
  for (let i: usize = 0; i < bytes; i += 16) top = f32x4.pmax(top, f32x4.abs(v128.load(field + i)));
  v128.store(most, top);
  const x = f32x4.splat(WHOLE / f32x4.extract_lane(top, 0));
  const y = f32x4.splat(WHOLE / f32x4.extract_lane(top, 1));
  const z = f32x4.splat(WHOLE / f32x4.extract_lane(top, 2));
  const plane = (<usize>n) << 1;
  for (let i: usize = 0; i < plane; i += 8) {
    const from = field + (i << 3);
    const a = v128.load(from);
    const b = v128.load(from, 16);
    const c = v128.load(from, 32);
    const d = v128.load(from, 48);
    const ab = v128.shuffle<f32>(a, b, 0, 4, 1, 5);
    const cd = v128.shuffle<f32>(c, d, 0, 4, 1, 5);
    const us = whole(f32x4.mul(x, v128.shuffle<f32>(ab, cd, 0, 1, 4, 5)));
    const vs = whole(f32x4.mul(y, v128.shuffle<f32>(ab, cd, 2, 3, 6, 7)));
    const ab1 = v128.shuffle<f32>(a, b, 2, 6, 2, 6);
    const cd1 = v128.shuffle<f32>(c, d, 2, 6, 2, 6);
    const ds = whole(f32x4.mul(z, v128.shuffle<f32>(ab1, cd1, 0, 1, 4, 5)));
    v128.store64_lane(packed + i, i16x8.narrow_i32x4_s(us, us), 0);
    v128.store64_lane(packed + plane + i, i16x8.narrow_i32x4_s(vs, vs), 0);
    v128.store64_lane(packed + 2 * plane + i, i16x8.narrow_i32x4_s(ds, ds), 0);
  }
}

/** A cell beside wet ones has the mean of their excess, so that it does not change at a front or an edge. */
function spreadExcess(at: usize, row: usize): void {
  let wet: f32 = 0;
  let sum: f32 = 0;
  let line = at - row - 4;
  for (let r = 0; r < 3; r++) {
    for (let c: usize = 0; c < 12; c += 4)
      if (load<f32>(weight + line + c) != 0) {
        wet += 1;
        sum += load<f32>(excess + line + c);
      }
    line += row;
  }
  store<f32>(excess + at, sum / wet);
}

function packExcess(plane: usize, n: i32): void {
  const scale = f32x4.splat(WHOLE / MOST_EXCESS);
  for (let i: usize = 0; i < (<usize>n) << 1; i += 8) {
    const es = whole(f32x4.mul(scale, v128.load(excess + (i << 1))));
    v128.store64_lane(plane + i, i16x8.narrow_i32x4_s(es, es), 0);
  }
}

function whole(v: v128): v128 {
  return i32x4.trunc_sat_f32x4_s(f32x4.nearest(v));
}

/** The packed planes as the interleaved field the trace reads, of cells from `left`, `top` to before `right`, `bottom`; whole fours of columns. */
export function unpackField(
  packed: usize,
  most: usize,
  nx: i32,
  n: i32,
  left: i32,
  top: i32,
  right: i32,
  bottom: i32,
  layered: bool,
): void {
  const x = f32x4.splat(load<f32>(most) / WHOLE);
  const y = f32x4.splat(load<f32>(most, 4) / WHOLE);
  const z = f32x4.splat(load<f32>(most, 8) / WHOLE);
  const plane = (<usize>n) << 1;
  const e = f32x4.splat(MOST_EXCESS / WHOLE);
  const zero = f32x4.splat(0);
  for (let row = top; row < bottom; row++) {
    const end = (<usize>(row * nx + right)) << 1;
    for (let i = (<usize>(row * nx + left)) << 1; i < end; i += 8) {
      const at = packed + i;
      storeTurned(
        field + (i << 3),
        f32x4.mul(x, f32x4.convert_i32x4_s(v128.load16x4_s(at))),
        f32x4.mul(y, f32x4.convert_i32x4_s(v128.load16x4_s(at + plane))),
        f32x4.mul(z, f32x4.convert_i32x4_s(v128.load16x4_s(at + 2 * plane))),
        layered ? f32x4.mul(e, f32x4.convert_i32x4_s(v128.load16x4_s(at + 3 * plane))) : zero,
      );
    }
  }
}
