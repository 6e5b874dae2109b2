// Twin of packages/core/src/flow/layers.ts, add.ts and of setFluidity in sweep.ts, in single precision.

const LOG2E: f32 = 1.4426950408889634;

/** e^x of four numbers within ±80: 2^n times a polynomial of what is left (Taylor's; off by less than a unit in the last place but one). */
function exponential(x: v128): v128 {
  const t = f32x4.mul(x, f32x4.splat(LOG2E));
  const whole = f32x4.nearest(t);
  const part = f32x4.mul(f32x4.sub(t, whole), f32x4.splat(<f32>0.6931471805599453));
  let sum = f32x4.splat(<f32>(1.0 / 5040));
  sum = f32x4.add(f32x4.mul(sum, part), f32x4.splat(<f32>(1.0 / 720)));
  sum = f32x4.add(f32x4.mul(sum, part), f32x4.splat(<f32>(1.0 / 120)));
  sum = f32x4.add(f32x4.mul(sum, part), f32x4.splat(<f32>(1.0 / 24)));
  sum = f32x4.add(f32x4.mul(sum, part), f32x4.splat(<f32>(1.0 / 6)));
  sum = f32x4.add(f32x4.mul(sum, part), f32x4.splat(0.5));
  sum = f32x4.add(f32x4.mul(sum, part), f32x4.splat(1));
  sum = f32x4.add(f32x4.mul(sum, part), f32x4.splat(1));
  const power = i32x4.shl(i32x4.add(i32x4.trunc_sat_f32x4_s(whole), i32x4.splat(127)), 23);
  return f32x4.mul(sum, power);
}

/** The upper film's share of the height; 1 where there is none. */
function upperShare(h: v128, lower: v128): v128 {
  const one = f32x4.splat(1);
  return v128.bitselect(f32x4.sub(one, f32x4.div(lower, h)), one, f32x4.gt(h, f32x4.splat(0)));
}

/** Adds what comes from above to the upper film, with its own viscosity; the height is still without it. */
export function carryIn(
  h: usize,
  lower: usize,
  lnNu: usize,
  source: usize,
  bytes: usize,
  arriving: f32,
  dt: f32,
): void {
  const zero = f32x4.splat(0);
  const over = f32x4.splat(dt);
  const own = f32x4.splat(arriving);
  for (let i: usize = 0; i < bytes; i += 16) {
    const came = f32x4.mul(v128.load(source + i), over);
    const comes = f32x4.ne(came, zero);
    if (!v128.any_true(comes)) continue;
    const upper = f32x4.pmax(zero, f32x4.sub(v128.load(h + i), v128.load(lower + i)));
    const was = v128.load(lnNu + i);
    const mean = f32x4.div(
      f32x4.add(f32x4.mul(upper, was), f32x4.mul(came, own)),
      f32x4.add(upper, came),
    );
    v128.store(lnNu + i, v128.bitselect(mean, was, comes));
  }
}

/** How each cell's two films run together; none stands higher than all of it. */
export function setFluidity(
  h: usize,
  lower: usize,
  lnNu: usize,
  fluidity: usize,
  bytes: usize,
  lowerNu: f32,
): void {
  const below = f32x4.splat(1 / lowerNu);
  for (let i: usize = 0; i < bytes; i += 16) {
    const height = v128.load(h + i);
    const low = f32x4.pmin(v128.load(lower + i), height);
    v128.store(lower + i, low);
    const upper = upperShare(height, low);
    const above = exponential(f32x4.neg(v128.load(lnNu + i)));
    const cubed = f32x4.mul(upper, f32x4.mul(upper, upper));
    v128.store(fluidity + i, f32x4.add(below, f32x4.mul(cubed, f32x4.sub(above, below))));
  }
}

/** Of an excess that was told, what stands where there is weight. */
export function keepWhereWet(h: usize, weight: usize, excess: usize, bytes: usize): void {
  const zero = f32x4.splat(0);
  for (let i: usize = 0; i < bytes; i += 16) {
    const wet = v128.and(f32x4.gt(v128.load(h + i), zero), f32x4.ne(v128.load(weight + i), zero));
    v128.store(excess + i, v128.and(v128.load(excess + i), wet));
  }
}

/** The excess of the profile of every cell that has weight; see `excessOf`. */
export function setExcess(
  h: usize,
  lower: usize,
  lnNu: usize,
  weight: usize,
  excess: usize,
  bytes: usize,
  lowerNu: f32,
  most: f32,
): void {
  const zero = f32x4.splat(0);
  const one = f32x4.splat(1);
  const below = f32x4.splat(1 / lowerNu);
  for (let i: usize = 0; i < bytes; i += 16) {
    const height = v128.load(h + i);
    const wet = v128.and(f32x4.gt(height, zero), f32x4.ne(v128.load(weight + i), zero));
    if (!v128.any_true(wet)) {
      v128.store(excess + i, zero);
      continue;
    }
    const upper = upperShare(height, f32x4.pmin(v128.load(lower + i), height));
    const squared = f32x4.mul(upper, upper);
    const more = f32x4.sub(exponential(f32x4.neg(v128.load(lnNu + i))), below);
    const ratio = f32x4.div(
      f32x4.add(below, f32x4.mul(squared, more)),
      f32x4.add(below, f32x4.mul(f32x4.mul(squared, upper), more)),
    );
    const found = f32x4.mul(f32x4.splat(1.5), f32x4.sub(ratio, one));
    v128.store(
      excess + i,
      v128.and(f32x4.pmin(f32x4.pmax(found, f32x4.splat(-most)), f32x4.splat(most)), wet),
    );
  }
}
