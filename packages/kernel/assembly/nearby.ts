/**
 * Lists which of `n` samples are no farther from a place than `reach` along either axis, in their order; returns how many. Four at a time: hardly
 * any are. The arrays hold whole fours.
 */
export function listNear(
  xs: usize,
  ys: usize,
  n: i32,
  x: f32,
  y: f32,
  reach: f32,
  list: usize,
): i32 {
  const midX = f32x4.splat(x);
  const midY = f32x4.splat(y);
  const far = f32x4.splat(reach);
  let found = list;
  const end = (<usize>n) << 2;
  for (let k: usize = 0; k < end; k += 16) {
    const acrossX = f32x4.abs(f32x4.sub(v128.load(xs + k), midX));
    const acrossY = f32x4.abs(f32x4.sub(v128.load(ys + k), midY));
    const within = f32x4.le(f32x4.pmax(acrossX, acrossY), far);
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
