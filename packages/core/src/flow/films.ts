import { BANDS, WX, WY, WZ } from '../optics/observer';
import type { Spectrum } from '../optics/spectrum';
import { xyzToLinear } from '../optics/srgb';
import { BOTTOM, MOST_RUNS, pageOf, placeOf } from './columns';
import type { Plate } from './develop';

/** A mix as the picture needs it: K/S by band, and scatter per µm of wet film. */
export interface Ink {
  readonly q: readonly number[] | Spectrum;
  readonly s: number;
  /** What part of its paint is flakes that throw light back by themselves, as metal and pearl do, 0..1; none where absent. */
  readonly shimmer?: number;
}

export interface Palette {
  /** By mix. */
  readonly inks: Readonly<Record<string, Ink>>;
  /** Reflectance of the bare ground by band. */
  readonly ground: readonly number[] | Spectrum;
}

/** A picture is coloured in pairs of bands: half the work, and within 0.7 ΔE of all of them. */
export const PAIRS = BANDS / 2;

/** Film heights are told apart in steps of 3 %, from 1 µm: coarser ones show as contour lines on a film that thins out. */
const STEPS_PER_E = 32;
export const BINS = 320;

/** What comes back through a film from below and is less than a step of the picture's eight bits. */
export const UNSEEN = 3e-3;

/** Inks are told apart by a byte; a plan has at most 48 mixes. */
const MOST_INKS = 256;

/**
 * A palette as films of paint at every height. `inkAt`: the ink of each stratum. By ink and bin, row-major: `through`, the luminous share of
 * light that goes down and comes back; by ink, bin and pair of bands: `r`, reflectance on black, and `t2`, transmittance squared. By ink:
 * `hidesFrom`, the bin from which on nothing of what lies below is seen; `shimmers`, 0..1.
 */
export interface Films {
  readonly names: readonly string[];
  readonly inkAt: Uint8Array;
  readonly through: Float32Array;
  readonly r: Float32Array;
  readonly t2: Float32Array;
  readonly hidesFrom: Uint16Array;
  readonly shimmers: Float32Array;
  /** Reflectance of the bare ground by pair of bands. */
  readonly ground: Float64Array;
}

/**
 * @param mixOf the mix of each stratum, as `mixesOf` numbers them
 * @throws RangeError for more mixes than a byte tells apart
 */
export function filmsOf(mixOf: readonly string[], { inks, ground }: Palette): Films {
  const names = [...new Set(mixOf)];
  if (names.length > MOST_INKS)
    throw new RangeError(`a picture holds ${MOST_INKS} mixes at the most, not ${names.length}`);
  const films: Films = {
    names,
    inkAt: Uint8Array.from(mixOf, (m) => names.indexOf(m)),
    through: new Float32Array(names.length * BINS),
    r: new Float32Array(names.length * BINS * PAIRS),
    t2: new Float32Array(names.length * BINS * PAIRS),
    hidesFrom: new Uint16Array(names.length).fill(BINS),
    shimmers: Float32Array.from(names, (m) => inks[m]?.shimmer ?? 0),
    ground: Float64Array.from(
      { length: PAIRS },
      (_, p) => (ground[2 * p]! + ground[2 * p + 1]!) / 2,
    ),
  };
  names.forEach((m, ink) => fill(films, ink, inks[m]));
  return films;
}

/** A mix nobody knows the colour of is as clear as water. */
function fill({ r, t2, through, hidesFrom }: Films, ink: number, of: Ink | undefined): void {
  for (let bin = 0; bin < BINS; bin++) {
    const row = ink * BINS + bin;
    let most = 0;
    let seen = 0;
    for (let p = 0; p < PAIRS; p++) {
      const at = row * PAIRS + p;
      t2[at] = of ? 0 : 1;
      if (of)
        for (const band of [2 * p, 2 * p + 1]) {
          const [back, passed] = film(of.q[band]!, of.s * heightOf(bin));
          r[at] = r[at]! + back / 2;
          t2[at] = t2[at]! + passed / 2;
        }
      most = Math.max(most, t2[at]!);
      seen += LUMINOUS[p]! * t2[at]!;
    }
    through[row] = seen;
    if (most < UNSEEN && hidesFrom[ink] === BINS) hidesFrom[ink] = bin;
  }
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
  // One exponential for both: 70,000 films are worked out for a picture of six colours.
  const grows = Math.exp(b * sx);
  const [sinh, cosh] = [(grows - 1 / grows) / 2, (grows + 1 / grows) / 2];
  const under = a * sinh + b * cosh;
  return [sinh / under, (b / under) ** 2];
}

const heightOf = (bin: number): number => Math.exp(bin / STEPS_PER_E);

/** Bin of a height in whole quarters of a µm up to the table's end; a look-up costs a tenth of a logarithm. */
const PER_UM = 4;
const LAST = 16_384;
export const BIN_OF = Uint16Array.from({ length: LAST + 1 }, (_, quarters) =>
  quarters <= PER_UM
    ? 0
    : Math.min(BINS - 1, Math.round(Math.log(quarters / PER_UM) * STEPS_PER_E)),
);
const binOf = (um: number): number => BIN_OF[Math.min(LAST, Math.round(PER_UM * um))]!;

/** How much of linear red, green and blue each pair of bands gives, and of luminance. */
const weigh = (of: (x: number, y: number, z: number) => number): Float64Array =>
  Float64Array.from({ length: PAIRS }, (_, p) => {
    const [a, b] = [2 * p, 2 * p + 1];
    return of(WX[a]! + WX[b]!, WY[a]! + WY[b]!, WZ[a]! + WZ[b]!);
  });
export const LIGHT = ([0, 1, 2] as const).map((c) =>
  weigh((x, y, z) => xyzToLinear([x, y, z])[c]),
) as [Float64Array, Float64Array, Float64Array];
const LUMINOUS = weigh((_, y) => y);

/** One pixel's films, surface first: ink and bin of height of the first `count`. */
export interface Column {
  readonly inks: Uint8Array;
  readonly bins: Uint16Array;
  count: number;
}

export const emptyColumn = (): Column => ({
  inks: new Uint8Array(MOST_RUNS),
  bins: new Uint16Array(MOST_RUNS),
  count: 0,
});

/** Reads a pixel's column: a film for each run of one ink, down to where no more of what lies below is seen. */
export function readColumn(
  { columns, filmUm }: Pick<Plate, 'columns' | 'filmUm'>,
  i: number,
  { inkAt, through, hidesFrom }: Films,
  column: Column,
): void {
  const { inks, bins } = column;
  const perStep = filmUm[i]! / BOTTOM;
  const { strata, ends } = pageOf(columns, i);
  const first = placeOf(columns, i);
  const past = first + columns.count[i]!;
  let count = 0;
  let from = 0;
  // What of the light gets down to here and back.
  let left = 1;
  for (let n = first; n < past; n++) {
    const ink = inkAt[strata[n]!]!;
    // Strata of one mix are one film.
    if (n + 1 < past && inkAt[strata[n + 1]!] === ink) continue;
    const bin = Math.min(binOf((ends[n]! - from) * perStep), hidesFrom[ink]!);
    inks[count] = ink;
    bins[count++] = bin;
    left *= through[ink * BINS + bin]!;
    if (left < UNSEEN) break;
    from = ends[n]!;
  }
  column.count = count;
}
