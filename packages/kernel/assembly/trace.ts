// Twin of packages/core/src/flow/trace-frame.ts in single precision.

/** The frame's field at a place, cells: bilinear between the four cells around it, all four channels at once. */
function fieldAt(field: usize, nx: i32, x: f32, y: f32, maxX: f32, maxY: f32): v128 {
  const px = min<f32>(max<f32>(x - 0.5, 0), maxX);
  const py = min<f32>(max<f32>(y - 0.5, 0), maxY);
  const ix = <i32>px;
  const iy = <i32>py;
  const fx = f32x4.splat(px - <f32>ix);
  const fy = f32x4.splat(py - <f32>iy);
  const at = field + ((<usize>(iy * nx + ix)) << 4);
  const below = at + ((<usize>nx) << 4);
  const a = v128.load(at);
  const b = v128.load(at, 16);
  const c = v128.load(below);
  const d = v128.load(below, 16);
  const top = f32x4.add(a, f32x4.mul(fx, f32x4.sub(b, a)));
  const low = f32x4.add(c, f32x4.mul(fx, f32x4.sub(d, c)));
  return f32x4.add(top, f32x4.mul(fy, f32x4.sub(low, top)));
}

// The box where anything moves, as places whose surroundings reach it.
let left: f32, top: f32, right: f32, bottom: f32;

export function keepWithin(left_: i32, top_: i32, right_: i32, bottom_: i32): void {
  left = <f32>left_ - <f32>0.5;
  top = <f32>top_ - <f32>0.5;
  right = <f32>right_ + <f32>1.5;
  bottom = <f32>bottom_ + <f32>1.5;
}

/** Takes `n` samples back through one frame: midpoint rule with the velocity profile of a film under gravity. */
export function traceSamples(
  field: usize,
  nx: i32,
  ny: i32,
  xs: usize,
  ys: usize,
  zs: usize,
  n: i32,
): void {
  // A hair below the last cell, so that the cell beyond it is still there.
  const maxX = <f32>(nx - 1) - <f32>0.001;
  const maxY = <f32>(ny - 1) - <f32>0.001;
  const end = (<usize>n) << 2;
  for (let k: usize = 0; k < end; k += 4) {
    const x = load<f32>(xs + k);
    const y = load<f32>(ys + k);
    if (x < left || x > right || y < top || y > bottom) continue;
    const z = load<f32>(zs + k);
    const here = fieldAt(field, nx, x, y, maxX, maxY);
    const f0 = <f32>0.5 * z * (3 - <f32>1.5 * z);
    const rise0 = <f32>0.5 * (z - z * z * (<f32>1.5 - <f32>0.5 * z));
    const mid = z - rise0 * f32x4.extract_lane(here, 2);
    const zm = min<f32>(max<f32>(mid, 0), 1);
    const midX = x - f0 * f32x4.extract_lane(here, 0);
    const midY = y - f0 * f32x4.extract_lane(here, 1);
    const there =
      midX < left || midX > right || midY < top || midY > bottom
        ? f32x4.splat(0)
        : fieldAt(field, nx, midX, midY, maxX, maxY);
    const f1 = zm * (3 - <f32>1.5 * zm);
    const rise1 = zm - zm * zm * (<f32>1.5 - <f32>0.5 * zm);
    store<f32>(xs + k, x - f1 * f32x4.extract_lane(there, 0));
    store<f32>(ys + k, y - f1 * f32x4.extract_lane(there, 1));
    store<f32>(zs + k, min<f32>(max<f32>(z - rise1 * f32x4.extract_lane(there, 2), 0), 1));
  }
}

// What `layeredAt` found: how the excess changes along x and y.
let alongX: f32, alongY: f32;

/** As `fieldAt`, and how the last channel changes there. */
function layeredAt(field: usize, nx: i32, x: f32, y: f32, maxX: f32, maxY: f32): v128 {
  const px = min<f32>(max<f32>(x - 0.5, 0), maxX);
  const py = min<f32>(max<f32>(y - 0.5, 0), maxY);
  const ix = <i32>px;
  const iy = <i32>py;
  const fx = f32x4.splat(px - <f32>ix);
  const fy = f32x4.splat(py - <f32>iy);
  const at = field + ((<usize>(iy * nx + ix)) << 4);
  const below = at + ((<usize>nx) << 4);
  const a = v128.load(at);
  const c = v128.load(below);
  const onTop = f32x4.sub(v128.load(at, 16), a);
  const below1 = f32x4.sub(v128.load(below, 16), c);
  const top = f32x4.add(a, f32x4.mul(fx, onTop));
  const down = f32x4.sub(f32x4.add(c, f32x4.mul(fx, below1)), top);
  alongX = f32x4.extract_lane(f32x4.add(onTop, f32x4.mul(fy, f32x4.sub(below1, onTop))), 3);
  alongY = f32x4.extract_lane(down, 3);
  return f32x4.add(top, f32x4.mul(fy, down));
}

/** See `rise` of the twin. */
function rise(z: f32, here: v128): f32 {
  const excess = f32x4.extract_lane(here, 3);
  const more = z * (5 - 2 * z) - 3;
  const squared = z * z;
  const flux = squared * (<f32>1.5 - <f32>0.5 * z + excess * more);
  return (
    (z - flux) * f32x4.extract_lane(here, 2) -
    squared * more * (f32x4.extract_lane(here, 0) * alongX + f32x4.extract_lane(here, 1) * alongY)
  );
}

function paceAt(z: f32, excess: f32): f32 {
  return z * (3 - <f32>1.5 * z + excess * (z * (15 - 8 * z) - 6));
}

/** As `traceSamples`, where the profile is each place's own. */
export function traceLayered(
  field: usize,
  nx: i32,
  ny: i32,
  xs: usize,
  ys: usize,
  zs: usize,
  n: i32,
): void {
  const maxX = <f32>(nx - 1) - <f32>0.001;
  const maxY = <f32>(ny - 1) - <f32>0.001;
  const end = (<usize>n) << 2;
  for (let k: usize = 0; k < end; k += 4) {
    const x = load<f32>(xs + k);
    const y = load<f32>(ys + k);
    if (x < left || x > right || y < top || y > bottom) continue;
    const z = load<f32>(zs + k);
    const here = layeredAt(field, nx, x, y, maxX, maxY);
    const half = <f32>0.5 * paceAt(z, f32x4.extract_lane(here, 3));
    const zm = min<f32>(max<f32>(z - <f32>0.5 * rise(z, here), 0), 1);
    const midX = x - half * f32x4.extract_lane(here, 0);
    const midY = y - half * f32x4.extract_lane(here, 1);
    if (midX < left || midX > right || midY < top || midY > bottom) continue;
    const there = layeredAt(field, nx, midX, midY, maxX, maxY);
    const whole = paceAt(zm, f32x4.extract_lane(there, 3));
    store<f32>(xs + k, x - whole * f32x4.extract_lane(there, 0));
    store<f32>(ys + k, y - whole * f32x4.extract_lane(there, 1));
    store<f32>(zs + k, min<f32>(max<f32>(z - rise(zm, there), 0), 1));
  }
}
