import { clamped } from './lanes';

/** Lest a place is missed by round-off, cells. */
const HAIR: f32 = 0.01;
/** Keeps a way of no length from dividing by nothing. */
const LEAST: f32 = 1e-12;

/**
 * Lists which of `n` samples, on their straight way from x, y to x0, y0, where they are at a frame's beginning and its end, come as near as `reach`
 * to a place that goes from `fromX`, `fromY` to `toX`, `toY` meanwhile, in their order; returns how many. Four at a time: hardly any do. The arrays hold whole fours.
 */
export function listNear(
  xs: usize,
  ys: usize,
  x0s: usize,
  y0s: usize,
  n: i32,
  fromX: f32,
  fromY: f32,
  toX: f32,
  toY: f32,
  reach: f32,
  list: usize,
): i32 {
  const zero = f32x4.splat(0);
  const one = f32x4.splat(1);
  const least = f32x4.splat(LEAST);
  const placeX = f32x4.splat(fromX);
  const placeY = f32x4.splat(fromY);
  const placeX0 = f32x4.splat(toX);
  const placeY0 = f32x4.splat(toY);
  const far = f32x4.splat((reach + HAIR) * (reach + HAIR));
  let found = list;
  const end = (<usize>n) << 2;
  for (let k: usize = 0; k < end; k += 16) {
    // As seen from the place that moves: a sample is at a, and at a + b at the other end of its way.
    const ax = f32x4.sub(v128.load(xs + k), placeX);
    const ay = f32x4.sub(v128.load(ys + k), placeY);
    const bx = f32x4.sub(f32x4.sub(v128.load(x0s + k), placeX0), ax);
    const by = f32x4.sub(f32x4.sub(v128.load(y0s + k), placeY0), ay);
    const along = f32x4.add(f32x4.mul(ax, bx), f32x4.mul(ay, by));
    const length = f32x4.pmax(least, f32x4.add(f32x4.mul(bx, bx), f32x4.mul(by, by)));
    const share = clamped(f32x4.div(f32x4.neg(along), length), zero, one);
    const x = f32x4.add(ax, f32x4.mul(share, bx));
    const y = f32x4.add(ay, f32x4.mul(share, by));
    const within = f32x4.le(f32x4.add(f32x4.mul(x, x), f32x4.mul(y, y)), far);
    if (!v128.any_true(within)) continue;
    const lanes = i32x4.bitmask(within);
    const first = <i32>(k >> 2);
    for (let lane = 0; lane < 4; lane++)
      // Beyond the last sample stand old ones.
      if (((lanes >> lane) & 1) !== 0 && first + lane < n) {
        store<i32>(found, first + lane);
        found += 4;
      }
  }
  return <i32>((found - list) >> 2);
}
