/** The cells that samples need to know on their way through a frame: from `left`, `top` to before `right`, `bottom`. */
export let left: i32 = 0;
export let top: i32 = 0;
export let right: i32 = 0;
export let bottom: i32 = 0;

/** A place is told by the cells whose middles are around it. */
const AROUND: f32 = 1.5;
/** The surface goes twice as fast as the mean at the most (see `paceAt`), and samples look half a frame ahead. */
const AHEAD: f32 = 1;

/**
 * Finds them for the first `n` samples, of which none moves more than `mostX`, `mostY` cells by the mean flow: late on the way back the few that are
 * left are close together, and most of a frame is not asked for. Whole fours of columns.
 */
export function reach(
  xs: usize,
  ys: usize,
  n: i32,
  nx: i32,
  ny: i32,
  mostX: f32,
  mostY: f32,
): void {
  const aroundX = AROUND + AHEAD * mostX;
  const aroundY = AROUND + AHEAD * mostY;
  extremes(xs, n);
  left = within(least - aroundX, nx) & ~3;
  right = min(nx, (within(greatest + aroundX, nx) + 4) & ~3);
  extremes(ys, n);
  top = within(least - aroundY, ny);
  bottom = within(greatest + aroundY, ny) + 1;
}

/** The cell, of so many, that a place lies in or is nearest to. */
function within(place: f32, cells: i32): i32 {
  return <i32>Mathf.floor(min(max(place, <f32>0), <f32>(cells - 1)));
}

let least: f32 = 0;
let greatest: f32 = 0;

/** Finds the least and the greatest of the first `n` numbers. */
function extremes(at: usize, n: i32): void {
  const end = (<usize>n) << 2;
  const fours = end & ~15;
  least = f32.MAX_VALUE;
  greatest = -f32.MAX_VALUE;
  let low = f32x4.splat(least);
  let high = f32x4.splat(greatest);
  for (let k: usize = 0; k < fours; k += 16) {
    const four = v128.load(at + k);
    low = f32x4.pmin(low, four);
    high = f32x4.pmax(high, four);
  }
  tell(f32x4.extract_lane(low, 0), f32x4.extract_lane(high, 0));
  tell(f32x4.extract_lane(low, 1), f32x4.extract_lane(high, 1));
  tell(f32x4.extract_lane(low, 2), f32x4.extract_lane(high, 2));
  tell(f32x4.extract_lane(low, 3), f32x4.extract_lane(high, 3));
  // Beyond the last sample stand old ones.
  for (let k = fours; k < end; k += 4) tell(load<f32>(at + k), load<f32>(at + k));
}

function tell(low: f32, high: f32): void {
  least = min(least, low);
  greatest = max(greatest, high);
}
