import { BANDS, WX, WY, WZ } from '../optics/observer';
import type { Spectrum } from '../optics/spectrum';
import { encode, xyzToLinear } from '../optics/srgb';
import { byRows } from './by-rows';
import { BOTTOM, MOST_RUNS } from './columns';
import type { Plate } from './develop';

/** A mix as the picture needs it: K/S by band, and scatter per µm of wet film. */
export interface Ink {
  readonly q: readonly number[] | Spectrum;
  readonly s: number;
}

export interface Palette {
  /** By mix. */
  readonly inks: Readonly<Record<string, Ink>>;
  /** Reflectance of the bare ground by band. */
  readonly ground: readonly number[] | Spectrum;
}

/** A picture is coloured in pairs of bands: half the work, and within 0.7 ΔE of all of them. */
const PAIRS = BANDS / 2;
const paired = (w: Float64Array): Float64Array =>
  Float64Array.from({ length: PAIRS }, (_, p) => w[2 * p]! + w[2 * p + 1]!);
const [PX, PY, PZ] = [paired(WX), paired(WY), paired(WZ)];

/** Film heights are told apart in steps of a twelfth, from 1 µm. */
const STEPS_PER_E = 12;
const BINS = 128;

/** Strata as films of paint: which ink each stratum is, and every ink's films. */
interface Inking {
  readonly names: readonly string[];
  readonly inkAt: Uint8Array;
  readonly films: readonly Films[];
}

/** Inks are told apart by a byte; a plan has at most 48 mixes. */
const MOST_INKS = 256;

function inkingOf(mixOf: readonly string[], { inks }: Palette): Inking {
  const names = [...new Set(mixOf)];
  if (names.length > MOST_INKS)
    throw new RangeError(`a picture holds ${MOST_INKS} mixes at the most, not ${names.length}`);
  return {
    names,
    inkAt: Uint8Array.from(mixOf, (m) => names.indexOf(m)),
    films: names.map((m) => filmTable(inks[m])),
  };
}

/** One pixel's films, surface first: ink and bin of height of the first `count`. */
interface Column {
  readonly inks: Uint8Array;
  readonly bins: Uint8Array;
  count: number;
}

const emptyColumn = (): Column => ({
  inks: new Uint8Array(MOST_RUNS),
  bins: new Uint8Array(MOST_RUNS),
  count: 0,
});

/** Reads a pixel's column: a film for each run of one ink, down to where no more of what lies below is seen. */
function readColumn(
  { columns: { count: runs, strata, ends }, filmUm }: Plate,
  i: number,
  { inkAt, films }: Inking,
  column: Column,
): void {
  const { inks, bins } = column;
  const perStep = filmUm[i]! / BOTTOM;
  const first = i * MOST_RUNS;
  const past = first + runs[i]!;
  let count = 0;
  let from = 0;
  // What of the light gets down to here and back.
  let left = 1;
  for (let n = first; n < past; n++) {
    const ink = inkAt[strata[n]!]!;
    // Strata of one mix are one film.
    if (n + 1 < past && inkAt[strata[n + 1]!] === ink) continue;
    const own = films[ink]!;
    const bin = Math.min(binOf((ends[n]! - from) * perStep), own.hidesFrom);
    inks[count] = ink;
    bins[count++] = bin;
    left *= own.through[bin]!;
    if (left < UNSEEN) break;
    from = ends[n]!;
  }
  column.count = count;
}

/**
 * Colours a plate: each pixel's strata as Kubelka-Munk films one on the other, from the ground up (Kubelka 1948: the
 * reflectance of what lies below is the ground of the film above). Columns that are the same in strata and height, to a
 * twelfth, are reckoned once. A generator: it yields every few rows.
 * @param mixOf the mix of each stratum, as `mixesOf` numbers them
 * @returns red, green, blue, alpha of each pixel; alpha 0 off the surface
 */
export function* colourPlate(
  plate: Plate,
  mixOf: readonly string[],
  palette: Palette,
): Generator<void, Uint8ClampedArray<ArrayBuffer>> {
  const { width, height, on, cover, columns } = plate;
  const inking = inkingOf(mixOf, palette);
  const { films } = inking;
  const column = emptyColumn();
  const { inks, bins } = column;
  const ground = paired(Float64Array.from(palette.ground)).map((sum) => sum / 2);
  const bare = new Uint8Array(3);
  writeBytes(ground, bare, 0);
  const light = new Float64Array(PAIRS);
  // Columns met lately: which one lies in each slot, and its bytes.
  const keys = new Float64Array(SLOTS).fill(-1);
  const bytes = new Uint8Array(3 * SLOTS);

  const out = new Uint8ClampedArray(width * height * 4);
  const colourPixel = (i: number) => {
    const to = 4 * i;
    out[to + 3] = on[i]!;
    const covered = columns.count[i] === 0 ? 0 : cover[i]!;
    let at = 0;
    if (covered > 0) {
      readColumn(plate, i, inking, column);
      const { count } = column;
      let hash = count;
      let check = 0;
      for (let n = 0; n < count; n++) {
        const own = inks[n]! * BINS + bins[n]! + 1;
        hash = Math.imul(hash ^ own, 0x2c1b3c6d) + Math.imul(own, 0x297a2d39);
        check = Math.imul(check + own, 0x8da6b343 | 0) ^ (check >>> 13);
      }
      // Fifty-two bits tell columns apart: two of a picture's that are taken for one would be a chance in a hundred thousand.
      const key = (hash >>> 0) * 0x100000 + (check >>> 12);
      const slot = (hash ^ (hash >>> 15)) & (SLOTS - 1);
      at = 3 * slot;
      if (keys[slot] !== key) {
        keys[slot] = key;
        light.set(ground);
        for (let n = count - 1; n >= 0; n--) cast(light, films[inks[n]!]!, bins[n]!);
        writeBytes(light, bytes, at);
      }
    }
    for (let c = 0; c < 3; c++)
      out[to + c] =
        covered === 255
          ? bytes[at + c]!
          : bare[c]! + (((covered > 0 ? bytes[at + c]! : bare[c]!) - bare[c]!) * covered) / 255;
  };
  yield* byRows(height, (y) => {
    for (let i = y * width; i < (y + 1) * width; i++) if (on[i]) colourPixel(i);
  });
  return out;
}

/**
 * How much of what is seen of the wet surface each mix makes, by mix; with the bare ground seen through thin paint they sum to 1.
 * A film takes, of the light that gets down to it, what it does not let through and back.
 */
export function seenShares(
  plate: Plate,
  mixOf: readonly string[],
  palette: Palette,
): Record<string, number> {
  const inking = inkingOf(mixOf, palette);
  const column = emptyColumn();
  const seen = new Float64Array(inking.names.length);
  let pixels = 0;
  // A fourth of a large plate tells the shares as well as all of it.
  const step = plate.on.length > 40_000 ? 2 : 1;
  for (let k = 0; k < Math.floor(plate.on.length / step / step); k++) {
    const across = Math.ceil(plate.width / step);
    const i = Math.floor(k / across) * step * plate.width + (k % across) * step;
    if (!(plate.cover[i]! >= 128) || plate.columns.count[i] === 0) continue;
    readColumn(plate, i, inking, column);
    pixels++;
    let left = 1;
    for (let n = 0; n < column.count; n++) {
      const ink = column.inks[n]!;
      const through = inking.films[ink]!.through[column.bins[n]!]!;
      seen[ink] = seen[ink]! + left * (1 - through);
      left *= through;
    }
  }
  return Object.fromEntries(
    inking.names.map((name, k) => [name, pixels > 0 ? seen[k]! / pixels : 0]),
  );
}

/** Columns kept at a time: enough for most of a picture, small enough to stay near. */
const SLOTS = 1 << 16;

/** Light through one more film: `light` is the reflectance of what lies below, and becomes that of all. */
function cast(light: Float64Array, { r, t2 }: Films, bin: number): void {
  const at = bin * PAIRS;
  for (let b = 0; b < PAIRS; b++) {
    const back = r[at + b]!;
    light[b] = back + (t2[at + b]! * light[b]!) / (1 - back * light[b]!);
  }
}

/** Films of one mix at every height: reflectance on black, and transmittance squared, by bin and pair of bands. */
interface Films {
  readonly r: Float32Array;
  readonly t2: Float32Array;
  /** The bin from which on nothing of what lies below can be seen. */
  readonly hidesFrom: number;
  /** Luminous share of light that goes down and comes back, by bin. */
  readonly through: Float32Array;
}

function filmTable(ink: Ink | undefined): Films {
  const r = new Float32Array(BINS * PAIRS);
  const t2 = new Float32Array(BINS * PAIRS).fill(ink ? 0 : 1);
  const through = new Float32Array(BINS).fill(ink ? 0 : 1);
  let hidesFrom = BINS;
  if (!ink) return { r, t2, hidesFrom, through };
  for (let bin = 0; bin < BINS; bin++) {
    let most = 0;
    for (let p = 0; p < PAIRS; p++) {
      const at = bin * PAIRS + p;
      for (const band of [2 * p, 2 * p + 1]) {
        const [back, passed] = film(ink.q[band]!, ink.s * heightOf(bin));
        r[at] = r[at]! + back / 2;
        t2[at] = t2[at]! + passed / 2;
      }
      most = Math.max(most, t2[at]!);
      through[bin] = through[bin]! + PY[p]! * t2[at]!;
    }
    if (most < UNSEEN && hidesFrom === BINS) hidesFrom = bin;
  }
  return { r, t2, hidesFrom, through };
}

/**
 * Reflectance on black and squared transmittance of a film, q = K/S and S·X given (Kubelka 1948):
 * R0 = sinh bSX ÷ (a sinh bSX + b cosh bSX), T = b ÷ the same.
 */
function film(q: number, sx: number): [number, number] {
  const a = 1 + q;
  const b = Math.sqrt(a * a - 1);
  if (b * sx > 40) return [1 / (a + b), 0];
  // The limit for a film that only scatters.
  if (b < 1e-6) return [sx / (1 + sx), 1 / (1 + sx) ** 2];
  const sinh = Math.sinh(b * sx);
  const under = a * sinh + b * Math.cosh(b * sx);
  return [sinh / under, (b / under) ** 2];
}

/** What comes back through a film from below and is less than a step of the picture's eight bits. */
const UNSEEN = 3e-3;

/** Bin of a height in whole µm up to the table's end; a look-up costs a tenth of a logarithm. */
const BIN_OF = Uint8Array.from({ length: 16_385 }, (_, um) =>
  um <= 1 ? 0 : Math.min(BINS - 1, Math.round(Math.log(um) * STEPS_PER_E)),
);
const binOf = (um: number): number => BIN_OF[um < 16_384 ? Math.round(um) : 16_384]!;
const heightOf = (bin: number): number => Math.exp(bin / STEPS_PER_E);

function writeBytes(light: Float64Array, out: Uint8Array, at: number): void {
  let x = 0;
  let y = 0;
  let z = 0;
  for (let b = 0; b < PAIRS; b++) {
    x += PX[b]! * light[b]!;
    y += PY[b]! * light[b]!;
    z += PZ[b]! * light[b]!;
  }
  const linear = xyzToLinear([x, y, z]);
  out[at] = byteOf(linear[0]);
  out[at + 1] = byteOf(linear[1]);
  out[at + 2] = byteOf(linear[2]);
}

/** Linear light to a byte of sRGB, by a table fine enough that no byte is off by more than one. */
const BYTES = Uint8Array.from({ length: 8193 }, (_, i) => Math.round(255 * encode(i / 8192)));
const byteOf = (l: number): number => BYTES[Math.round(8192 * Math.min(1, Math.max(0, l)))]!;
