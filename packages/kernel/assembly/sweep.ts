// Twin of packages/core/src/flow/sweep.ts in single precision: four columns at once, one in each lane.

/** Below this a face carries nothing, m. */
const NOTHING: f32 = 1e-8;
/** Below this a cell counts as dry, m. */
const DRY: f32 = 20e-6;

/** What one sweep needs beside the arrays; along the axis it sweeps. */
let nu: f32, gz: f32, dx: f32, dt: f32;

export function drive(nu_: f32, gz_: f32, dx_: f32, dt_: f32): void {
  nu = nu_;
  gz = gz_;
  dx = dx_;
  dt = dt_;
}

/**
 * Sweeps every column of arrays `width` wide and `n` long. `lines` holds four vectors a row:
 * upper, right, ahead and back of the face below the row. `push` and `shear` are read only where `fields` says so.
 */
export function sweepColumns(
  h: usize,
  ground: usize,
  flux: usize,
  lines: usize,
  width: i32,
  n: i32,
  tilt: f32,
  fields: bool,
  push: usize,
  shear: usize,
): void {
  const stride = (<usize>width) << 2;
  const rate = f32x4.splat(dt / dx);
  const minusRate = f32x4.neg(rate);
  const one = f32x4.splat(1);
  const zero = f32x4.splat(0);
  const nothing = f32x4.splat(NOTHING);
  const dry = f32x4.splat(DRY);
  const slope = f32x4.splat(gz / dx);
  const spreading = f32x4.splat(gz / dx / (6 * nu));
  const gzOverDx = f32x4.splat(gz / dx);
  const thirdNu = f32x4.splat(1 / (3 * nu));
  const step = f32x4.splat(dt);
  const half = f32x4.splat(0.5);
  const threeNu = f32x4.splat(3 * nu);
  const twiceNu = f32x4.splat(2 * nu);
  const asPush = f32x4.splat(1.5);
  // Where no field acts, the pull is one number, and what is made of it too.
  const uniform = f32x4.splat(tilt);
  const uniformForth = f32x4.gt(uniform, zero);
  const uniformDrift = f32x4.splat(abs(tilt) / (3 * nu));
  for (let x: usize = 0; x < stride; x += 16) {
    let at = h + x;
    let groundAt = ground + x;
    let pushAt = push + x;
    let shearAt = shear + x;
    let line = lines;
    let left = v128.load(at);
    let groundLeft = v128.load(groundAt);
    let insideLeft = f32x4.ge(groundLeft, zero);
    let aheadBefore = zero;
    let backBefore = zero;
    let upperBefore = zero;
    let rightBefore = zero;
    for (let i = 0; i < n; i++) {
      let ahead = zero;
      let back = zero;
      let next = zero;
      let groundNext = zero;
      let insideNext = zero;
      if (i + 1 < n) {
        next = v128.load(at + stride);
        groundNext = v128.load(groundAt + stride);
        insideNext = f32x4.ge(groundNext, zero);
        const active = f32x4.ge(f32x4.add(left, next), nothing);
        if (v128.any_true(active)) {
          let pull = uniform;
          let forth = uniformForth;
          let drifting = uniformDrift;
          let drag = zero;
          if (fields) {
            pull = f32x4.add(
              pull,
              f32x4.mul(half, f32x4.add(v128.load(pushAt), v128.load(pushAt + stride))),
            );
            forth = f32x4.gt(pull, zero);
            drifting = f32x4.div(f32x4.abs(pull), threeNu);
            drag = f32x4.mul(half, f32x4.add(v128.load(shearAt), v128.load(shearAt + stride)));
          }
          const left2 = f32x4.mul(left, left);
          const next2 = f32x4.mul(next, next);
          const both = v128.and(v128.and(insideLeft, insideNext), active);
          const spread = f32x4.mul(
            spreading,
            f32x4.add(f32x4.mul(left2, left), f32x4.mul(next2, next)),
          );
          ahead = spread;
          back = spread;
          const drift = f32x4.mul(drifting, v128.bitselect(left2, next2, forth));
          ahead = f32x4.add(ahead, v128.and(drift, forth));
          back = f32x4.add(back, v128.andnot(drift, forth));
          if (fields) {
            const dragForth = f32x4.gt(drag, zero);
            const dragged = f32x4.mul(
              f32x4.div(f32x4.abs(drag), twiceNu),
              v128.bitselect(left, next, dragForth),
            );
            ahead = f32x4.add(ahead, v128.and(dragged, dragForth));
            back = f32x4.add(back, v128.andnot(dragged, dragForth));
          }
          const wetLeft = f32x4.ge(left, dry);
          const front = v128.and(v128.xor(wetLeft, f32x4.ge(next, dry)), both);
          if (v128.any_true(front)) {
            const wet = v128.bitselect(left, next, wetLeft);
            const heq = v128.bitselect(groundNext, groundLeft, wetLeft);
            const forced = fields ? f32x4.add(pull, f32x4.div(f32x4.mul(asPush, drag), wet)) : pull;
            const push = f32x4.add(
              v128.bitselect(forced, f32x4.neg(forced), wetLeft),
              f32x4.mul(slope, wet),
            );
            const need = f32x4.div(f32x4.mul(gzOverDx, f32x4.mul(heq, heq)), wet);
            const pushed = f32x4.div(f32x4.max(zero, f32x4.sub(push, need)), push);
            // Drawn back: what is dry keeps nothing that could run.
            const drawn = v128.bitselect(zero, one, f32x4.gt(heq, zero));
            const stop = v128.bitselect(
              v128.bitselect(pushed, drawn, f32x4.gt(push, zero)),
              one,
              front,
            );
            ahead = f32x4.mul(ahead, stop);
            back = f32x4.mul(back, stop);
          }
          ahead = v128.and(ahead, both);
          back = v128.and(back, both);
          const edge = v128.and(v128.xor(insideLeft, insideNext), active);
          if (v128.any_true(edge)) {
            let outward = pull;
            let inward = f32x4.neg(pull);
            if (fields) {
              const dragged = f32x4.mul(asPush, drag);
              outward = f32x4.add(outward, f32x4.div(dragged, left));
              inward = f32x4.sub(inward, f32x4.div(dragged, next));
            }
            outward = f32x4.max(zero, outward);
            inward = f32x4.max(zero, inward);
            const overLeft = f32x4.add(left, groundNext);
            const spillLeft = f32x4.mul(
              f32x4.mul(left2, thirdNu),
              f32x4.add(outward, f32x4.mul(slope, overLeft)),
            );
            ahead = v128.bitselect(
              spillLeft,
              ahead,
              v128.and(v128.and(edge, insideLeft), f32x4.gt(overLeft, zero)),
            );
            const overNext = f32x4.add(next, groundLeft);
            const spillNext = f32x4.mul(
              f32x4.mul(next2, thirdNu),
              f32x4.add(inward, f32x4.mul(slope, overNext)),
            );
            back = v128.bitselect(
              spillNext,
              back,
              v128.and(v128.and(edge, insideNext), f32x4.gt(overNext, zero)),
            );
          }
        }
      }
      const toLeft = f32x4.mul(minusRate, aheadBefore);
      const pivot = f32x4.sub(
        f32x4.add(one, f32x4.mul(rate, f32x4.add(ahead, backBefore))),
        f32x4.mul(toLeft, upperBefore),
      );
      const inverse = f32x4.div(one, pivot);
      const upper = f32x4.mul(f32x4.mul(minusRate, back), inverse);
      const right = f32x4.mul(f32x4.sub(left, f32x4.mul(toLeft, rightBefore)), inverse);
      v128.store(line, upper);
      v128.store(line, right, 16);
      v128.store(line, ahead, 32);
      v128.store(line, back, 48);
      line += 64;
      aheadBefore = ahead;
      backBefore = back;
      upperBefore = upper;
      rightBefore = right;
      left = next;
      groundLeft = groundNext;
      insideLeft = insideNext;
      at += stride;
      groundAt += stride;
      pushAt += stride;
      shearAt += stride;
    }
    let beyond = zero;
    let fluxAt = flux + x + <usize>n * stride;
    for (let i = n - 1; i >= 0; i--) {
      line -= 64;
      at -= stride;
      const value = f32x4.sub(v128.load(line, 16), f32x4.mul(v128.load(line), beyond));
      if (i < n - 1) {
        const q = f32x4.sub(
          f32x4.mul(v128.load(line, 32), value),
          f32x4.mul(v128.load(line, 48), beyond),
        );
        v128.store(fluxAt, f32x4.add(v128.load(fluxAt), f32x4.mul(step, q)));
        // What crosses a face is taken here and given there; see the twin.
        const crossed = f32x4.mul(rate, q);
        v128.store(at + stride, f32x4.max(zero, f32x4.add(v128.load(at + stride), crossed)));
        v128.store(at, f32x4.sub(v128.load(at), crossed));
      }
      fluxAt -= stride;
      beyond = value;
    }
  }
}

/** Rows become columns: `from` is `width` wide and `n` long, both multiples of four. */
export function transpose(from: usize, to: usize, width: i32, n: i32): void {
  const fromStride = (<usize>width) << 2;
  const toStride = (<usize>n) << 2;
  for (let y = 0; y < n; y += 4) {
    for (let x = 0; x < width; x += 4) {
      const at = from + <usize>y * fromStride + ((<usize>x) << 2);
      const a = v128.load(at);
      const b = v128.load(at + fromStride);
      const c = v128.load(at + 2 * fromStride);
      const d = v128.load(at + 3 * fromStride);
      const ab0 = v128.shuffle<f32>(a, b, 0, 4, 1, 5);
      const ab1 = v128.shuffle<f32>(a, b, 2, 6, 3, 7);
      const cd0 = v128.shuffle<f32>(c, d, 0, 4, 1, 5);
      const cd1 = v128.shuffle<f32>(c, d, 2, 6, 3, 7);
      const out = to + <usize>x * toStride + ((<usize>y) << 2);
      v128.store(out, v128.shuffle<f32>(ab0, cd0, 0, 1, 4, 5));
      v128.store(out + toStride, v128.shuffle<f32>(ab0, cd0, 2, 3, 6, 7));
      v128.store(out + 2 * toStride, v128.shuffle<f32>(ab1, cd1, 0, 1, 4, 5));
      v128.store(out + 3 * toStride, v128.shuffle<f32>(ab1, cd1, 2, 3, 6, 7));
    }
  }
}
