import { amongMiddles, beyondWhole, cellsAt, clamped } from './lanes';

// Twin of packages/core/src/flow/trace-frame.ts in single precision: four samples at once, one in each lane.

// The box where anything moves, as places whose surroundings reach it.
let left: f32, top: f32, right: f32, bottom: f32;

export function keepWithin(left_: i32, top_: i32, right_: i32, bottom_: i32): void {
  left = <f32>left_ - <f32>0.5;
  top = <f32>top_ - <f32>0.5;
  right = <f32>right_ + <f32>1.5;
  bottom = <f32>bottom_ + <f32>1.5;
}

function within(x: v128, y: v128): v128 {
  const across = v128.and(f32x4.ge(x, f32x4.splat(left)), f32x4.le(x, f32x4.splat(right)));
  const down = v128.and(f32x4.ge(y, f32x4.splat(top)), f32x4.le(y, f32x4.splat(bottom)));
  return v128.and(across, down);
}

/**
 * Takes `n` samples back through one frame: midpoint rule with the profile of a film under gravity, which in a motion of two films is each
 * place's own. The arrays hold whole fours.
 */
export function traceSamples(
  field: usize,
  nx: i32,
  ny: i32,
  xs: usize,
  ys: usize,
  zs: usize,
  n: i32,
  layered: bool,
): void {
  const zero = f32x4.splat(0);
  const one = f32x4.splat(1);
  const half = f32x4.splat(0.5);
  const three = f32x4.splat(3);
  const threeHalves = f32x4.splat(1.5);
  // A hair below the last cell, so that the cell beyond it is still there.
  const maxX = f32x4.splat(<f32>(nx - 1) - <f32>0.001);
  const maxY = f32x4.splat(<f32>(ny - 1) - <f32>0.001);
  const row = (<usize>nx) << 4;
  const width = i32x4.splat(nx);
  const end = (<usize>n) << 2;
  for (let k: usize = 0; k < end; k += 16) {
    const x = v128.load(xs + k);
    const y = v128.load(ys + k);
    let moves = within(x, y);
    if (!v128.any_true(moves)) continue;
    const z = v128.load(zs + k);
    let newX = x;
    let newY = y;
    let newZ = z;
    let share = half;
    // Half a frame back with what is here, then the whole of it with what is there.
    for (let pass = 0; pass < 2; pass++) {
      const px = amongMiddles(newX, maxX);
      const py = amongMiddles(newY, maxY);
      const at = cellsAt(px, py, width);
      const fx = beyondWhole(px);
      const fy = beyondWhole(py);

      // Each sample's four channels, bilinear between the four cells around it.
      const at0 = field + i32x4.extract_lane(at, 0);
      const fx0 = v128.shuffle<f32>(fx, fx, 0, 0, 0, 0);
      const a0 = v128.load(at0);
      const c0 = v128.load(at0 + row);
      const onTop0 = f32x4.sub(v128.load(at0, 16), a0);
      const onLow0 = f32x4.sub(v128.load(at0 + row, 16), c0);
      const top0 = f32x4.add(a0, f32x4.mul(fx0, onTop0));
      const down0 = f32x4.sub(f32x4.add(c0, f32x4.mul(fx0, onLow0)), top0);
      const at1 = field + i32x4.extract_lane(at, 1);
      const fx1 = v128.shuffle<f32>(fx, fx, 1, 1, 1, 1);
      const a1 = v128.load(at1);
      const c1 = v128.load(at1 + row);
      const onTop1 = f32x4.sub(v128.load(at1, 16), a1);
      const onLow1 = f32x4.sub(v128.load(at1 + row, 16), c1);
      const top1 = f32x4.add(a1, f32x4.mul(fx1, onTop1));
      const down1 = f32x4.sub(f32x4.add(c1, f32x4.mul(fx1, onLow1)), top1);
      const at2 = field + i32x4.extract_lane(at, 2);
      const fx2 = v128.shuffle<f32>(fx, fx, 2, 2, 2, 2);
      const a2 = v128.load(at2);
      const c2 = v128.load(at2 + row);
      const onTop2 = f32x4.sub(v128.load(at2, 16), a2);
      const onLow2 = f32x4.sub(v128.load(at2 + row, 16), c2);
      const top2 = f32x4.add(a2, f32x4.mul(fx2, onTop2));
      const down2 = f32x4.sub(f32x4.add(c2, f32x4.mul(fx2, onLow2)), top2);
      const at3 = field + i32x4.extract_lane(at, 3);
      const fx3 = v128.shuffle<f32>(fx, fx, 3, 3, 3, 3);
      const a3 = v128.load(at3);
      const c3 = v128.load(at3 + row);
      const onTop3 = f32x4.sub(v128.load(at3, 16), a3);
      const onLow3 = f32x4.sub(v128.load(at3 + row, 16), c3);
      const top3 = f32x4.add(a3, f32x4.mul(fx3, onTop3));
      const down3 = f32x4.sub(f32x4.add(c3, f32x4.mul(fx3, onLow3)), top3);
      const here0 = f32x4.add(top0, f32x4.mul(v128.shuffle<f32>(fy, fy, 0, 0, 0, 0), down0));
      const here1 = f32x4.add(top1, f32x4.mul(v128.shuffle<f32>(fy, fy, 1, 1, 1, 1), down1));
      const here2 = f32x4.add(top2, f32x4.mul(v128.shuffle<f32>(fy, fy, 2, 2, 2, 2), down2));
      const here3 = f32x4.add(top3, f32x4.mul(v128.shuffle<f32>(fy, fy, 3, 3, 3, 3), down3));

      // Turned: one channel of all four samples in each.
      const uv01 = v128.shuffle<f32>(here0, here1, 0, 4, 1, 5);
      const uv23 = v128.shuffle<f32>(here2, here3, 0, 4, 1, 5);
      const u = v128.shuffle<f32>(uv01, uv23, 0, 1, 4, 5);
      const v = v128.shuffle<f32>(uv01, uv23, 2, 3, 6, 7);
      const de01 = v128.shuffle<f32>(here0, here1, 2, 6, 3, 7);
      const de23 = v128.shuffle<f32>(here2, here3, 2, 6, 3, 7);
      const apart = v128.shuffle<f32>(de01, de23, 0, 1, 4, 5);

      const pz = newZ;
      const squared = f32x4.mul(pz, pz);
      let pace = f32x4.mul(pz, f32x4.sub(three, f32x4.mul(threeHalves, pz)));
      let flux = f32x4.mul(squared, f32x4.sub(threeHalves, f32x4.mul(half, pz)));
      let turned = zero;
      if (layered) {
        const excess = v128.shuffle<f32>(de01, de23, 2, 3, 6, 7);
        // How the excess changes along x, of each sample, and along y.
        const along01 = v128.shuffle<f32>(onTop0, onTop1, 3, 7, 3, 7);
        const along23 = v128.shuffle<f32>(onTop2, onTop3, 3, 7, 3, 7);
        const alongTop = v128.shuffle<f32>(along01, along23, 0, 1, 4, 5);
        const low01 = v128.shuffle<f32>(onLow0, onLow1, 3, 7, 3, 7);
        const low23 = v128.shuffle<f32>(onLow2, onLow3, 3, 7, 3, 7);
        const alongLow = v128.shuffle<f32>(low01, low23, 0, 1, 4, 5);
        const down01 = v128.shuffle<f32>(down0, down1, 3, 7, 3, 7);
        const down23 = v128.shuffle<f32>(down2, down3, 3, 7, 3, 7);
        const alongY = v128.shuffle<f32>(down01, down23, 0, 1, 4, 5);
        const alongX = f32x4.add(alongTop, f32x4.mul(fy, f32x4.sub(alongLow, alongTop)));
        const more = f32x4.mul(
          squared,
          f32x4.sub(f32x4.mul(pz, f32x4.sub(f32x4.splat(5), f32x4.add(pz, pz))), three),
        );
        turned = f32x4.mul(more, f32x4.add(f32x4.mul(u, alongX), f32x4.mul(v, alongY)));
        flux = f32x4.add(flux, f32x4.mul(excess, more));
        const bends = f32x4.sub(
          f32x4.mul(pz, f32x4.sub(f32x4.splat(15), f32x4.mul(f32x4.splat(8), pz))),
          f32x4.splat(6),
        );
        pace = f32x4.add(pace, f32x4.mul(f32x4.mul(pz, excess), bends));
      }
      const fall = f32x4.sub(f32x4.mul(f32x4.sub(pz, flux), apart), turned);
      const way = f32x4.mul(share, pace);
      newX = f32x4.sub(x, f32x4.mul(way, u));
      newY = f32x4.sub(y, f32x4.mul(way, v));
      newZ = clamped(f32x4.sub(z, f32x4.mul(share, fall)), zero, one);
      if (pass === 0) moves = v128.and(moves, within(newX, newY));
      share = one;
    }
    v128.store(xs + k, v128.bitselect(newX, x, moves));
    v128.store(ys + k, v128.bitselect(newY, y, moves));
    v128.store(zs + k, v128.bitselect(newZ, z, moves));
  }
}
