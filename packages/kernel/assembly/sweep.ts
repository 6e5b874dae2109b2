// Twin of packages/core/src/flow/sweep.ts in single precision: four columns at once, one in each lane.

/** Below this a face carries nothing, m. */
const NOTHING: f32 = 1e-8;
/** Below this a cell counts as dry, m. */
const DRY: f32 = 20e-6;

/** What one sweep needs beside the arrays; along the axis it sweeps. */
let nu: f32, lowerNu: f32, gz: f32, dx: f32, dt: f32;

export function drive(nu_: f32, lowerNu_: f32, gz_: f32, dx_: f32, dt_: f32): void {
  nu = nu_;
  lowerNu = lowerNu_;
  gz = gz_;
  dx = dx_;
  dt = dt_;
}

/** See there; of the left of two cells where paint goes `forth`, else of the next. */
function towardFace(before: v128, left: v128, next: v128, beyond: v128, forth: v128): v128 {
  const zero = f32x4.splat(0);
  const one = f32x4.splat(1);
  const step = f32x4.sub(next, left);
  const came = v128.bitselect(f32x4.sub(left, before), f32x4.sub(next, beyond), forth);
  const goes = v128.bitselect(step, f32x4.neg(step), forth);
  const own = v128.bitselect(left, next, forth);
  const rises = v128.bitselect(came, goes, f32x4.lt(f32x4.abs(came), f32x4.abs(goes)));
  const alike = v128.and(
    v128.or(
      v128.and(f32x4.gt(came, zero), f32x4.gt(goes, zero)),
      v128.and(f32x4.lt(came, zero), f32x4.lt(goes, zero)),
    ),
    f32x4.gt(own, zero),
  );
  return f32x4.add(one, v128.and(f32x4.div(rises, f32x4.add(own, own)), alike));
}

/**
 * Sweeps every column of arrays `width` wide and `n` long. `lines` holds four vectors a row:
 * upper, right, ahead and back of the face below the row. `push` and `shear` are read only where `fields` says so; `fluidity`, `lower` and
 * `lnNu` where `layered` does, and then `carried` holds three more vectors a row: the lower film's pace, the upper one's height before, and what
 * crossed the face above the row.
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
  layered: bool,
  fluidity: usize,
  lower: usize,
  lnNu: usize,
  carried: usize,
): void {
  const stride = (<usize>width) << 2;
  const rate = f32x4.splat(dt / dx);
  const minusRate = f32x4.neg(rate);
  const one = f32x4.splat(1);
  const zero = f32x4.splat(0);
  const nothing = f32x4.splat(NOTHING);
  const dry = f32x4.splat(DRY);
  const slope = f32x4.splat(gz / dx);
  const spreading = f32x4.splat(gz / dx / 6);
  const gzOverDx = f32x4.splat(gz / dx);
  const third = f32x4.splat(<f32>(1.0 / 3));
  const alike = f32x4.splat(1 / nu);
  const twiceLower = f32x4.splat(2 * lowerNu);
  const three = f32x4.splat(3);
  const step = f32x4.splat(dt);
  const half = f32x4.splat(0.5);
  const asPush = f32x4.splat(1.5);
  // Where no field acts, the pull is one number, and what is made of it too.
  const uniform = f32x4.splat(tilt);
  const uniformForth = f32x4.gt(uniform, zero);
  const uniformDrift = f32x4.splat(abs(tilt) / 3);
  for (let x: usize = 0; x < stride; x += 16) {
    let at = h + x;
    let groundAt = ground + x;
    let pushAt = push + x;
    let shearAt = shear + x;
    let fluidityAt = fluidity + x;
    let lowerAt = lower + x;
    let line = lines;
    let extra = carried;
    let left = v128.load(at);
    let groundLeft = v128.load(groundAt);
    let insideLeft = f32x4.ge(groundLeft, zero);
    let runsLeft = layered ? v128.load(fluidityAt) : alike;
    let leftBefore = zero;
    let insideBefore = zero;
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
      let runsNext = alike;
      if (layered) {
        // The pace of the lower film here, r(3 − r)/2ν1 ÷ fluidity, at most 1.
        const low = v128.load(lowerAt);
        const share = v128.and(f32x4.div(low, left), f32x4.gt(left, zero));
        v128.store(
          extra,
          f32x4.pmin(
            one,
            f32x4.div(f32x4.mul(share, f32x4.sub(three, share)), f32x4.mul(twiceLower, runsLeft)),
          ),
        );
        v128.store(extra, f32x4.sub(left, low), 16);
        extra += 48;
        if (i + 1 < n) runsNext = v128.load(fluidityAt + stride);
      }
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
            drifting = f32x4.mul(f32x4.abs(pull), third);
            drag = f32x4.mul(half, f32x4.add(v128.load(shearAt), v128.load(shearAt + stride)));
          }
          const left2 = f32x4.mul(left, left);
          const next2 = f32x4.mul(next, next);
          const both = v128.and(v128.and(insideLeft, insideNext), active);
          const spread = f32x4.mul(
            spreading,
            f32x4.add(
              f32x4.mul(f32x4.mul(left2, left), runsLeft),
              f32x4.mul(f32x4.mul(next2, next), runsNext),
            ),
          );
          ahead = spread;
          back = spread;
          // The cells beyond these two, where there is film to take a slope by.
          const before = v128.bitselect(leftBefore, left, insideBefore);
          let beyond = next;
          if (i + 2 < n)
            beyond = v128.bitselect(
              v128.load(at + 2 * stride),
              next,
              f32x4.ge(v128.load(groundAt + 2 * stride), zero),
            );
          const toFace = towardFace(before, left, next, beyond, forth);
          const drift = f32x4.mul(
            f32x4.mul(drifting, f32x4.mul(toFace, f32x4.mul(toFace, toFace))),
            v128.bitselect(f32x4.mul(left2, runsLeft), f32x4.mul(next2, runsNext), forth),
          );
          ahead = f32x4.add(ahead, v128.and(drift, forth));
          back = f32x4.add(back, v128.andnot(drift, forth));
          if (fields) {
            const dragForth = f32x4.gt(drag, zero);
            const toFace = towardFace(before, left, next, beyond, dragForth);
            const dragged = f32x4.mul(
              f32x4.mul(f32x4.mul(f32x4.abs(drag), half), f32x4.mul(toFace, toFace)),
              v128.bitselect(f32x4.mul(left, runsLeft), f32x4.mul(next, runsNext), dragForth),
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
            const pushed = f32x4.div(f32x4.pmax(zero, f32x4.sub(push, need)), push);
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
            outward = f32x4.pmax(zero, outward);
            inward = f32x4.pmax(zero, inward);
            const overLeft = f32x4.add(left, groundNext);
            const spillLeft = f32x4.mul(
              f32x4.mul(f32x4.mul(left2, runsLeft), third),
              f32x4.add(outward, f32x4.mul(slope, overLeft)),
            );
            ahead = v128.bitselect(
              spillLeft,
              ahead,
              v128.and(v128.and(edge, insideLeft), f32x4.gt(overLeft, zero)),
            );
            const overNext = f32x4.add(next, groundLeft);
            const spillNext = f32x4.mul(
              f32x4.mul(f32x4.mul(next2, runsNext), third),
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
      leftBefore = left;
      insideBefore = insideLeft;
      left = next;
      groundLeft = groundNext;
      insideLeft = insideNext;
      runsLeft = runsNext;
      fluidityAt += stride;
      lowerAt += stride;
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
        if (layered) v128.store(carried + <usize>(i + 1) * 48, crossed, 32);
        v128.store(at + stride, f32x4.pmax(zero, f32x4.add(v128.load(at + stride), crossed)));
        v128.store(at, f32x4.sub(v128.load(at), crossed));
      }
      fluxAt -= stride;
      beyond = value;
    }
    if (layered) {
      v128.store(carried, zero, 32);
      carryColumns(h + x, lower + x, lnNu + x, lines, carried, stride, n);
    }
  }
}

/** Twin of `carryLine` of the core, four columns at once. `lines` and `carried` as the sweep left them; the first three vectors a row of `lines` are used again. */
function carryColumns(
  h: usize,
  lower: usize,
  lnNu: usize,
  lines: usize,
  carried: usize,
  stride: usize,
  n: i32,
): void {
  const zero = f32x4.splat(0);
  const nothing = f32x4.splat(1e-12);
  let at: usize = 0;
  let line = lines;
  let extra = carried;
  let paceBefore = zero;
  let upperBefore = zero;
  let rightBefore = zero;
  let crossed = zero;
  for (let i = 0; i < n; i++) {
    const pace = v128.load(extra);
    const leaves = i + 1 < n ? v128.load(extra, 80) : zero;
    const gave = f32x4.sub(f32x4.pmax(leaves, zero), f32x4.pmin(crossed, zero));
    const fromLeft = f32x4.neg(f32x4.mul(f32x4.pmax(crossed, zero), paceBefore));
    const fromRight = i + 1 < n ? f32x4.mul(f32x4.pmin(leaves, zero), v128.load(extra, 48)) : zero;
    const pivot = f32x4.sub(
      f32x4.add(f32x4.add(v128.load(h + at), f32x4.mul(pace, gave)), nothing),
      f32x4.mul(fromLeft, upperBefore),
    );
    const known = f32x4.sub(v128.load(lower + at), f32x4.mul(fromLeft, rightBefore));
    upperBefore = f32x4.div(fromRight, pivot);
    rightBefore = f32x4.div(known, pivot);
    v128.store(line, upperBefore);
    v128.store(line, rightBefore, 16);
    paceBefore = pace;
    crossed = leaves;
    line += 64;
    extra += 48;
    at += stride;
  }
  let beyond = zero;
  let lowNext = zero;
  for (let i = n - 1; i >= 0; i--) {
    line -= 64;
    extra -= 48;
    at -= stride;
    const share = f32x4.sub(v128.load(line, 16), f32x4.mul(v128.load(line), beyond));
    let low = v128.load(lower + at);
    if (i < n - 1) {
      const over = v128.load(extra, 80);
      const took = f32x4.mul(
        over,
        v128.bitselect(
          f32x4.mul(v128.load(extra), share),
          f32x4.mul(v128.load(extra, 48), beyond),
          f32x4.gt(over, zero),
        ),
      );
      lowNext = f32x4.add(lowNext, took);
      v128.store(
        lower + at + stride,
        f32x4.pmin(v128.load(h + at + stride), f32x4.pmax(zero, lowNext)),
      );
      low = f32x4.sub(low, took);
      // What of the upper film went over, for the second half.
      v128.store(line, f32x4.sub(over, took), 96);
    }
    lowNext = low;
    beyond = share;
  }
  v128.store(lower, f32x4.pmin(v128.load(h), f32x4.pmax(zero, lowNext)));
  v128.store(lines, zero, 32);

  upperBefore = zero;
  rightBefore = zero;
  for (let i = 0; i < n; i++) {
    const fromLeft = f32x4.pmax(v128.load(line, 32), zero);
    const fromRight = i + 1 < n ? f32x4.pmax(f32x4.neg(v128.load(line, 96)), zero) : zero;
    const was = f32x4.add(f32x4.pmax(zero, v128.load(extra, 16)), nothing);
    const pivot = f32x4.sub(
      f32x4.add(f32x4.add(was, fromLeft), fromRight),
      f32x4.mul(fromLeft, upperBefore),
    );
    const known = f32x4.add(f32x4.mul(was, v128.load(lnNu + at)), f32x4.mul(fromLeft, rightBefore));
    upperBefore = f32x4.div(fromRight, pivot);
    rightBefore = f32x4.div(known, pivot);
    v128.store(line, upperBefore);
    v128.store(line, rightBefore, 16);
    line += 64;
    extra += 48;
    at += stride;
  }
  beyond = zero;
  for (let i = n - 1; i >= 0; i--) {
    line -= 64;
    at -= stride;
    beyond = f32x4.add(v128.load(line, 16), f32x4.mul(v128.load(line), beyond));
    v128.store(lnNu + at, beyond);
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
