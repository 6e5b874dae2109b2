import { kOverS } from '../optics/film';
import type { Lab } from '../optics/lab';
import { BANDS, WX, WY, WZ } from '../optics/observer';
import type { PaintOptics } from '../optics/reserve';
import type { Spectrum } from '../optics/spectrum';

/** Some paints and the parts of each, whole numbers, that come near a colour. */
export interface Meant {
  readonly of: readonly number[];
  readonly parts: readonly number[];
}

/** Only so many paints, those of the best pairs, are put together by threes. */
const MOST_PAINTS = 44;
/** Threes whose masstone is worked out, of those whose K/S lies nearest, and of these those that are refined. */
const LOOKED_AT = 420;
const REFINED = 90;
/** Steps toward the colour, and the step in ln of a ratio its slopes are taken with. */
const STEPS = 4;
const SLOPE_STEP = 0.02;
/** No step is longer than this, in ln of a ratio: beyond it a slope tells nothing. */
const LONGEST = 1.2;
/** Parts a hand measures: all up to twelve, then as a scale is read, and beyond a hundred in drops. */
const LADDER = [
  1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 15, 20, 25, 30, 40, 50, 60, 80, 100, 150, 200, 300, 400,
] as const;
/** Less than this of the whole is none of it. */
const LEAST_SHARE = 1 / 800;

/**
 * Threes of paints that come nearest to a colour, in parts of a ladder. K/S of a blend is the mean of its paints' by pull, so what comes nearest to
 * the colour's own K/S is a least square of two unknowns, solved at once for every three; the best are then drawn to the colour itself, for many
 * spectra look alike, and rounded to parts a hand can measure.
 * @param likely the paints to try, as indices into `optics`, the likeliest first
 * @param labOf the masstone of paints in parts
 */
export function nearestThrees(
  target: { readonly lab: Lab; readonly reflectance: Spectrum },
  optics: readonly PaintOptics[],
  likely: readonly number[],
  labOf: (of: readonly number[], parts: readonly number[]) => Lab,
  off: (lab: Lab) => number,
): Meant[] {
  const tried = likely.slice(0, MOST_PAINTS);
  const { gram, toTarget } = gramOf(
    target.reflectance,
    tried.map((i) => optics[i]!),
  );
  const starts: {
    readonly of: number[];
    readonly pull: [number, number, number];
    readonly left: number;
  }[] = [];
  for (let a = 0; a < tried.length; a++)
    for (let b = a + 1; b < tried.length; b++)
      for (let c = b + 1; c < tried.length; c++) {
        const solved = leastSquare(gram, toTarget, a, b, c);
        if (solved) starts.push({ of: [tried[a]!, tried[b]!, tried[c]!], ...solved });
      }
  starts.sort((m, n) => m.left - n.left);
  return starts
    .slice(0, LOOKED_AT)
    .map(({ of, pull }) => {
      const parts = of.map((i, k) => pull[k]! / optics[i]!.sigma);
      return { of, parts, deltaE: off(labOf(of, parts)) };
    })
    .sort((m, n) => m.deltaE - n.deltaE)
    .slice(0, REFINED)
    .flatMap(({ of, parts }) => {
      const fine = drawnTo(target.lab, of, parts, labOf);
      return onLadder(fine).map((round) => ({ of, parts: round }));
    });
}

/** How paints' K/S lie to each other and to the colour's, band by band, weighed by what a change of it is to the eye. */
function gramOf(reflectance: Spectrum, optics: readonly PaintOptics[]) {
  const n = optics.length;
  const weights = Array.from({ length: BANDS }, (_, b) => {
    const q = kOverS(Math.max(1e-3, reflectance[b]!));
    // dR/dq of R = 1 + q − √(q² + 2q).
    const slope = 1 - (q + 1) / Math.sqrt(q * q + 2 * q);
    return slope * slope * (WX[b]! ** 2 + WY[b]! ** 2 + WZ[b]! ** 2);
  });
  const wanted = Array.from(reflectance, (r) => kOverS(Math.max(1e-3, r)));
  const sum = (f: (b: number) => number) => weights.reduce((all, w, b) => all + w * f(b), 0);
  const gram = optics.map((o, i) =>
    Array.from({ length: n }, (_, j) => (j < i ? 0 : sum((b) => o.q[b]! * optics[j]!.q[b]!))),
  );
  for (let i = 0; i < n; i++) for (let j = 0; j < i; j++) gram[i]![j] = gram[j]![i]!;
  return { gram, toTarget: optics.map((o) => sum((b) => o.q[b]! * wanted[b]!)) };
}

/** The pulls of three paints, summing to 1, whose K/S lies nearest to the colour's; undefined where one of them would be taken away. */
function leastSquare(
  gram: readonly (readonly number[])[],
  toTarget: readonly number[],
  a: number,
  b: number,
  c: number,
): { readonly pull: [number, number, number]; readonly left: number } | undefined {
  const [ofA, ofB, ofC] = [gram[a]!, gram[b]!, gram[c]!];
  const cc = ofC[c]!;
  const m11 = ofA[a]! - 2 * ofA[c]! + cc;
  const m12 = ofA[b]! - ofA[c]! - ofB[c]! + cc;
  const m22 = ofB[b]! - 2 * ofB[c]! + cc;
  const v1 = toTarget[a]! - toTarget[c]! - ofA[c]! + cc;
  const v2 = toTarget[b]! - toTarget[c]! - ofB[c]! + cc;
  const det = m11 * m22 - m12 * m12;
  if (!(Math.abs(det) > 1e-12 * m11 * m22)) return undefined;
  const x = (v1 * m22 - v2 * m12) / det;
  const y = (m11 * v2 - m12 * v1) / det;
  const z = 1 - x - y;
  // A little below nothing may be a little of it: the colour's spectrum is a guess.
  if (x < -0.05 || y < -0.05 || z < -0.05) return undefined;
  const held: [number, number, number] = [
    Math.max(x, LEAST_SHARE),
    Math.max(y, LEAST_SHARE),
    Math.max(z, LEAST_SHARE),
  ];
  // What of the distance changes from three to three.
  const left =
    x * x * m11 + 2 * x * y * m12 + y * y * m22 - 2 * (x * v1 + y * v2) + cc - 2 * toTarget[c]!;
  return { pull: held, left };
}

/** Parts drawn to where the masstone comes nearest to a colour: Gauss and Newton in ln of the ratios to the last. */
function drawnTo(
  lab: Lab,
  of: readonly number[],
  parts: readonly number[],
  labOf: (of: readonly number[], parts: readonly number[]) => Lab,
): readonly number[] {
  let at = [...parts];
  for (let step = 0; step < STEPS; step++) {
    const here = labOf(of, at);
    const miss = here.map((v, k) => v - lab[k]!);
    const slopes = [0, 1].map((k) => {
      const there = labOf(
        of,
        at.map((p, i) => (i === k ? p * Math.exp(SLOPE_STEP) : p)),
      );
      return there.map((v, i) => (v - here[i]!) / SLOPE_STEP);
    }) as [number[], number[]];
    const [j1, j2] = slopes;
    const dot = (m: readonly number[], n: readonly number[]) =>
      m[0]! * n[0]! + m[1]! * n[1]! + m[2]! * n[2]!;
    // A little stiffness, for two paints of one colour have no ratio of their own.
    const [m11, m12, m22] = [dot(j1, j1) + 0.05, dot(j1, j2), dot(j2, j2) + 0.05];
    const det = m11 * m22 - m12 * m12;
    const [v1, v2] = [-dot(j1, miss), -dot(j2, miss)];
    const hold = (d: number) => Math.max(-LONGEST, Math.min(LONGEST, d));
    at = at.map((p, k) =>
      k === 2
        ? p
        : p * Math.exp(hold(k === 0 ? (v1 * m22 - v2 * m12) / det : (m11 * v2 - m12 * v1) / det)),
    );
  }
  return at;
}

/** Parts of the ladder in nearly the same relation: for every size of the largest part, the others as near as there are steps. */
function onLadder(parts: readonly number[]): readonly number[][] {
  const most = Math.max(...parts);
  const found = new Map<string, number[]>();
  for (const size of LADDER) {
    const exact = parts.map((p) => (p * size) / most);
    if (Math.min(...exact) < 0.6) continue;
    const choices = exact.map(nearSteps);
    for (const x of choices[0]!)
      for (const y of choices[1]!)
        for (const z of choices[2]!) {
          const common = divisor(divisor(x, y), z);
          const round = [x / common, y / common, z / common];
          found.set(round.join(), round);
        }
  }
  return [...found.values()];
}

/** The steps of the ladder just below and above a number. */
function nearSteps(value: number): readonly number[] {
  const above = LADDER.findIndex((step) => step >= value);
  if (above < 0) return [LADDER.at(-1)!];
  return above === 0 || LADDER[above] === value
    ? [LADDER[above]!]
    : [LADDER[above - 1]!, LADDER[above]!];
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));
