// Four numbers at once, none of which is ever not a number: min and max as WebAssembly has them see to those, and to the sign of nothing, and take
// several times as long; `pmin` and `pmax`, here as in the sweeps, do not.

export function clamped(v: v128, low: v128, high: v128): v128 {
  return f32x4.pmin(high, f32x4.pmax(low, v));
}

/** Whole numbers from 0 to 2²³ as integers: added to 2²³ they stand in its last bits. */
export function counted(whole: v128): v128 {
  return v128.and(f32x4.add(whole, f32x4.splat(8388608)), i32x4.splat(0x7fffff));
}
