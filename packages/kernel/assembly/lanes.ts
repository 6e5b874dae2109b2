// Four numbers at once, none of which is ever not a number: min and max as WebAssembly has them see to those, and to the sign of nothing, and take
// several times as long; `pmin` and `pmax`, here as in the sweeps, do not.

export function clamped(v: v128, low: v128, high: v128): v128 {
  return f32x4.pmin(high, f32x4.pmax(low, v));
}

/** Places in cells, counted from the middle of the first cell, and held among the middles of the outermost. */
export function amongMiddles(v: v128, most: v128): v128 {
  return clamped(f32x4.sub(v, f32x4.splat(0.5)), f32x4.splat(0), most);
}

export function beyondWhole(v: v128): v128 {
  return f32x4.sub(v, f32x4.floor(v));
}

/** How far into a field of four floats a cell the cells before these places are, bytes. */
export function cellsAt(x: v128, y: v128, width: v128): v128 {
  const row = i32x4.mul(counted(f32x4.floor(y)), width);
  return i32x4.shl(i32x4.add(row, counted(f32x4.floor(x))), 4);
}

/** Whole numbers from 0 to 2²³ as integers: added to 2²³ they stand in its last bits. */
function counted(whole: v128): v128 {
  return v128.and(f32x4.add(whole, f32x4.splat(8388608)), i32x4.splat(0x7fffff));
}
