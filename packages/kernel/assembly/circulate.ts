import { amongMiddles, beyondWhole, cellsAt, clamped } from './lanes';

// Twin of `circulateBack` in packages/core/src/flow/circulation.ts in single precision: four samples at once, one in each lane.

/**
 * Takes `n` samples back through what goes round in a film within a part of the grid, given as places: midpoint rule. The field has four floats a
 * cell: cells the drag moves the mean by along x and along y, how it flows apart, and nothing; it is nothing all round the part. The
 * arrays hold whole fours.
 */
export function circulateSamples(
  field: usize,
  nx: i32,
  ny: i32,
  left: f32,
  top: f32,
  right: f32,
  bottom: f32,
  xs: usize,
  ys: usize,
  zs: usize,
  n: i32,
): void {
  const zero = f32x4.splat(0);
  const one = f32x4.splat(1);
  const half = f32x4.splat(0.5);
  const threeHalves = f32x4.splat(1.5);
  const fromX = f32x4.splat(left);
  const fromY = f32x4.splat(top);
  const toX = f32x4.splat(right);
  const toY = f32x4.splat(bottom);
  // A hair below the last cell, so that the cell beyond it is still there.
  const maxX = f32x4.splat(<f32>(nx - 1) - <f32>0.001);
  const maxY = f32x4.splat(<f32>(ny - 1) - <f32>0.001);
  const row = (<usize>nx) << 4;
  const width = i32x4.splat(nx);
  const end = (<usize>n) << 2;
  for (let k: usize = 0; k < end; k += 16) {
    const x = v128.load(xs + k);
    const y = v128.load(ys + k);
    let moves = within(x, y, fromX, fromY, toX, toY);
    if (!v128.any_true(moves)) continue;
    const z = v128.load(zs + k);
    let newX = x;
    let newY = y;
    let newZ = z;
    let share = half;
    for (let pass = 0; pass < 2; pass++) {
      const px = amongMiddles(newX, maxX);
      const py = amongMiddles(newY, maxY);
      const at = cellsAt(px, py, width);
      const fx = beyondWhole(px);
      const fy = beyondWhole(py);
      const here0 = between(
        field + i32x4.extract_lane(at, 0),
        row,
        f32x4.extract_lane(fx, 0),
        f32x4.extract_lane(fy, 0),
      );
      const here1 = between(
        field + i32x4.extract_lane(at, 1),
        row,
        f32x4.extract_lane(fx, 1),
        f32x4.extract_lane(fy, 1),
      );
      const here2 = between(
        field + i32x4.extract_lane(at, 2),
        row,
        f32x4.extract_lane(fx, 2),
        f32x4.extract_lane(fy, 2),
      );
      const here3 = between(
        field + i32x4.extract_lane(at, 3),
        row,
        f32x4.extract_lane(fx, 3),
        f32x4.extract_lane(fy, 3),
      );
      // Turned: one channel of all four samples in each.
      const uv01 = v128.shuffle<f32>(here0, here1, 0, 4, 1, 5);
      const uv23 = v128.shuffle<f32>(here2, here3, 0, 4, 1, 5);
      const de01 = v128.shuffle<f32>(here0, here1, 2, 6, 3, 7);
      const de23 = v128.shuffle<f32>(here2, here3, 2, 6, 3, 7);
      const u = v128.shuffle<f32>(uv01, uv23, 0, 1, 4, 5);
      const v = v128.shuffle<f32>(uv01, uv23, 2, 3, 6, 7);
      const apart = v128.shuffle<f32>(de01, de23, 0, 1, 4, 5);
      const pace = f32x4.mul(newZ, f32x4.sub(f32x4.mul(threeHalves, newZ), one));
      const below = f32x4.mul(f32x4.mul(half, f32x4.mul(newZ, newZ)), f32x4.sub(newZ, one));
      const way = f32x4.mul(share, pace);
      newX = f32x4.sub(x, f32x4.mul(way, u));
      newY = f32x4.sub(y, f32x4.mul(way, v));
      newZ = f32x4.add(z, f32x4.mul(share, f32x4.mul(below, apart)));
      if (pass === 0) moves = v128.and(moves, within(newX, newY, fromX, fromY, toX, toY));
      share = one;
    }
    newZ = clamped(newZ, zero, one);
    v128.store(xs + k, v128.bitselect(newX, x, moves));
    v128.store(ys + k, v128.bitselect(newY, y, moves));
    v128.store(zs + k, v128.bitselect(newZ, z, moves));
  }
}

function within(x: v128, y: v128, left: v128, top: v128, right: v128, bottom: v128): v128 {
  const across = v128.and(f32x4.ge(x, left), f32x4.le(x, right));
  return v128.and(across, v128.and(f32x4.ge(y, top), f32x4.le(y, bottom)));
}

/** The four channels between the four cells around a place. */
function between(at: usize, row: usize, alongX: f32, alongY: f32): v128 {
  const fx = f32x4.splat(alongX);
  const a = v128.load(at);
  const c = v128.load(at + row);
  const top = f32x4.add(a, f32x4.mul(fx, f32x4.sub(v128.load(at, 16), a)));
  const low = f32x4.add(c, f32x4.mul(fx, f32x4.sub(v128.load(at + row, 16), c)));
  return f32x4.add(top, f32x4.mul(f32x4.splat(alongY), f32x4.sub(low, top)));
}
