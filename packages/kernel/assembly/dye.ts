// Twin of packages/core/src/flow/dye.ts and readColumn of films.ts in single precision. It has a memory of its own: an instance that colours
// holds no film.

/** The bytes of one film: its reflectances on black by pair of bands, in whole fours, then its squared transmittances. */
const FILM_BYTES: usize = 160;
const BINS: usize = 320;
const RUNS: usize = 24;
const BOTTOM: f32 = 65535;
const UNSEEN: f32 = 3e-3;
const PER_UM: f32 = 4;
const LAST_HEIGHT: f32 = 16384;
const BYTE_STEPS: f32 = 8192;

let inkAt: usize, films: usize, through: usize, hides: usize, shimmers: usize;
let binOf: usize, byteOf: usize, ground: usize, light: usize;
let count: usize, strata: usize, ends: usize, filmUm: usize, cover: usize, on: usize;
let rgba: usize, shimmer: usize, column: usize;
let end: usize = 0;

function take(bytes: usize): usize {
  const at = end;
  end = (at + bytes + 15) & ~15;
  return at;
}

/**
 * Lays out the memory for so many strata, inks and pixels at a time; returns where it starts. In turn, for the host to write: inkAt (a byte a
 * stratum), films, through (floats by ink and bin), hides (two bytes an ink), shimmers (a float an ink), bins by quarter µm (16,385 of two bytes), bytes by light
 * (8,193), ground (20 floats), light to red, green, blue (20 floats each); of the pixels count, strata, ends, filmUm, cover, on; to read: rgba
 * and shimmer.
 */
export function layOutDye(strataCount: i32, inks: i32, pixels: i32): usize {
  const start = (__heap_base + 15) & ~15;
  end = start;
  const n = <usize>pixels;
  inkAt = take(<usize>strataCount);
  films = take(<usize>inks * BINS * FILM_BYTES);
  through = take((<usize>inks * BINS) << 2);
  hides = take((<usize>inks) << 1);
  shimmers = take((<usize>inks) << 2);
  binOf = take(16385 << 1);
  byteOf = take(8193);
  ground = take(80);
  light = take(240);
  count = take(n);
  strata = take(n * RUNS * 2);
  ends = take(n * RUNS * 2);
  filmUm = take(n << 2);
  cover = take(n);
  on = take(n);
  rgba = take(n << 2);
  shimmer = take(n);
  column = take(RUNS << 2);
  const pages = <i32>((end + 0xffff) >>> 16) - memory.size();
  if (pages > 0) memory.grow(pages);
  return start;
}

function passed(r: v128, t2: v128, below: v128): v128 {
  const one = f32x4.splat(1);
  return f32x4.add(r, f32x4.div(f32x4.mul(t2, below), f32x4.sub(one, f32x4.mul(r, below))));
}

function sumOf(a: v128): f32 {
  return (
    f32x4.extract_lane(a, 0) +
    f32x4.extract_lane(a, 1) +
    f32x4.extract_lane(a, 2) +
    f32x4.extract_lane(a, 3)
  );
}

/** The byte of one channel: `weights` are what each pair of bands gives of it. */
function channel(weights: usize, a: v128, b: v128, c: v128, d: v128, e: v128): f32 {
  let sum = f32x4.mul(v128.load(weights), a);
  sum = f32x4.add(sum, f32x4.mul(v128.load(weights, 16), b));
  sum = f32x4.add(sum, f32x4.mul(v128.load(weights, 32), c));
  sum = f32x4.add(sum, f32x4.mul(v128.load(weights, 48), d));
  sum = f32x4.add(sum, f32x4.mul(v128.load(weights, 64), e));
  const linear = min<f32>(1, max<f32>(0, sumOf(sum)));
  return <f32>load<u8>(byteOf + <usize>i32(linear * BYTE_STEPS + <f32>0.5));
}

/** Colours the first `n` pixels. */
export function dye(n: i32): void {
  const g0 = v128.load(ground);
  const g1 = v128.load(ground, 16);
  const g2 = v128.load(ground, 32);
  const g3 = v128.load(ground, 48);
  const g4 = v128.load(ground, 64);
  const bareR = channel(light, g0, g1, g2, g3, g4);
  const bareG = channel(light + 80, g0, g1, g2, g3, g4);
  const bareB = channel(light + 160, g0, g1, g2, g3, g4);
  for (let i: usize = 0; i < <usize>n; i++) {
    const to = rgba + (i << 2);
    store<u32>(to, 0);
    store<u8>(shimmer + i, 0);
    const alpha = load<u8>(on + i);
    if (alpha == 0) continue;
    store<u8>(to, alpha, 3);
    const runs = <usize>load<u8>(count + i);
    const covered: f32 = runs == 0 ? 0 : <f32>load<u8>(cover + i);
    let red = bareR;
    let green = bareG;
    let blue = bareB;
    if (covered > 0) {
      // Down to where no more of what lies below is seen; strata of one mix are one film.
      const perStep = load<f32>(filmUm + (i << 2)) / BOTTOM;
      const first = strata + i * RUNS * 2;
      const firstEnd = ends + i * RUNS * 2;
      let films_: usize = 0;
      let from: f32 = 0;
      let left: f32 = 1;
      let shines: f32 = 0;
      for (let r: usize = 0; r < runs; r++) {
        const ink = <usize>load<u8>(inkAt + <usize>load<u16>(first + (r << 1)));
        if (
          r + 1 < runs &&
          <usize>load<u8>(inkAt + <usize>load<u16>(first + ((r + 1) << 1))) == ink
        )
          continue;
        const ended = <f32>load<u16>(firstEnd + (r << 1));
        const height = min<f32>(LAST_HEIGHT, nearest<f32>((ended - from) * perStep * PER_UM));
        const bin = min<u32>(
          load<u16>(binOf + ((<usize>height) << 1)),
          load<u16>(hides + (ink << 1)),
        );
        const row = ink * BINS + <usize>bin;
        store<u32>(column + (films_ << 2), <u32>row);
        films_++;
        const passes = load<f32>(through + (row << 2));
        shines += load<f32>(shimmers + (ink << 2)) * left * (1 - passes);
        left *= passes;
        if (left < UNSEEN) break;
        from = ended;
      }
      let a = g0;
      let b = g1;
      let c = g2;
      let d = g3;
      let e = g4;
      for (let f = films_; f > 0; f--) {
        const film = films + <usize>load<u32>(column + ((f - 1) << 2)) * FILM_BYTES;
        a = passed(v128.load(film), v128.load(film, 80), a);
        b = passed(v128.load(film, 16), v128.load(film, 96), b);
        c = passed(v128.load(film, 32), v128.load(film, 112), c);
        d = passed(v128.load(film, 48), v128.load(film, 128), d);
        e = passed(v128.load(film, 64), v128.load(film, 144), e);
      }
      const share = covered / 255;
      red += (channel(light, a, b, c, d, e) - red) * share;
      green += (channel(light + 80, a, b, c, d, e) - green) * share;
      blue += (channel(light + 160, a, b, c, d, e) - blue) * share;
      store<u8>(shimmer + i, <u8>nearest<f32>(shines * covered));
    }
    store<u8>(to, <u8>nearest<f32>(red));
    store<u8>(to, <u8>nearest<f32>(green), 1);
    store<u8>(to, <u8>nearest<f32>(blue), 2);
  }
}
