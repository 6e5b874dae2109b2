import { blend } from '../optics/blend';
import { deltaE2000 } from '../optics/delta-e';
import { reflectanceOf } from '../optics/film';
import { hexToLab, type Lab, xyzToLab } from '../optics/lab';
import { BANDS, WX, WY, WZ } from '../optics/observer';
import { type PaintOptics, paintOptics, REFERENCE_UM, reserveOf } from '../optics/reserve';
import { barSeen, classSeen } from '../optics/seen';
import { linearToHex, xyzToLinear } from '../optics/srgb';
import { hexToSpectrum } from '../optics/spectrum';
import { densityOf } from '../paint/property';
import type { OpacityClass, Paint } from '../paint/schema';
import { nearestThrees } from './inverse';

/** Paints in simple parts that come near a colour. */
export interface FoundMix {
  readonly paints: readonly { readonly paint: string; readonly parts: number }[];
  readonly hex: string;
  /** CIEDE2000 of its masstone from the colour that was looked for. */
  readonly deltaE: number;
  readonly opacity: OpacityClass;
  readonly densityGPerMl: number;
}

/** What a substitute should share beside its hue. */
export interface Like {
  readonly reserve: number;
  readonly densityGPerMl: number;
}

/** Parts a hand can measure; from a hundredth on they are drops, and pale tints need them. */
const RATIOS: readonly (readonly [number, number])[] = [
  [1, 1],
  [3, 4],
  [2, 3],
  [1, 2],
  [2, 5],
  [1, 3],
  [1, 4],
  [1, 5],
  [1, 6],
  [1, 8],
  [1, 10],
  [1, 15],
  [1, 20],
  [1, 30],
  [1, 40],
  [1, 60],
  [1, 80],
  [1, 100],
  [1, 150],
  [1, 200],
  [1, 300],
  [1, 400],
];
const COARSE = RATIOS.filter(([x, y]) => x === 1 && [1, 2, 4, 10, 40].includes(y));
/** Pairs that are tried in every ratio. */
const BEST_PAIRS = 80;
/** A recipe of one more paint must be nearer by this to come before a simpler one, ΔE. */
const PER_PAINT = 0.4;
/** Up to so many parts are easily measured; ten times as many are worth this, ΔE (estimates). */
const EASY_PARTS = 10;
const PER_DECADE = 0.3;
/** A class of opacity off weighs as much as this, and so does a tenth of a gram in the millilitre, ΔE (estimates). */
const PER_CLASS = 3;
const PER_TENTH = 1.5;

/**
 * The best recipes for a colour from some paints, at most three in one, simple parts by volume, nearest first; a recipe and its scaled twin count
 * once. Blends by two-constant Kubelka-Munk, compared as masstones.
 * @param like for a substitute: opacity and weight count beside the hue
 */
export function findMixes(
  hex: string,
  paints: readonly Paint[],
  { most = 6, like }: { readonly most?: number; readonly like?: Like } = {},
): FoundMix[] {
  const target = hexToLab(hex);
  const optics = paints.map((p) => paintOptics(p));
  const labOf = (of: readonly number[], parts: readonly number[]): Lab =>
    look(
      of.map((i) => optics[i]!),
      parts,
    ).lab;
  const judge = (of: readonly number[], parts: readonly number[]): Tried => ({
    of,
    parts,
    deltaE: deltaE2000(labOf(of, parts), target),
  });
  const tried: Tried[] = paints.map((_, i) => judge([i], [1]));
  const pair = (a: number, b: number, ratios: typeof RATIOS): void => {
    for (const [x, y] of ratios) {
      tried.push(judge([a, b], [x, y]));
      if (x !== y) tried.push(judge([a, b], [y, x]));
    }
  };
  // Every pair in a few ratios, then the promising ones in all.
  for (let a = 0; a < paints.length; a++)
    for (let b = a + 1; b < paints.length; b++) pair(a, b, COARSE);
  const promising = new Map(
    [...tried]
      .filter((t) => t.of.length === 2)
      .sort((m, n) => m.deltaE - n.deltaE)
      .map((t) => [t.of.join(), t.of] as const),
  );
  for (const [a, b] of [...promising.values()].slice(0, BEST_PAIRS))
    pair(
      a!,
      b!,
      RATIOS.filter((r) => !COARSE.includes(r)),
    );
  tried.sort((m, n) => cost(m) - cost(n));
  const likely = [...new Set(tried.flatMap((t) => t.of))];
  const wanted = { lab: target, reflectance: hexToSpectrum(hex) };
  for (const { of, parts } of nearestThrees(wanted, optics, likely, labOf, (lab) =>
    deltaE2000(lab, target),
  ))
    tried.push(judge(of, parts));
  tried.sort((m, n) => cost(m) - cost(n));
  // The rest is worked out only for those that may be shown.
  const shown = tried.slice(0, like ? most * 20 : most * 4).map((t) => finished(t, paints, optics));
  const worth = (m: FoundMix & { readonly reserve: number }): number =>
    m.deltaE +
    effort(m.paints.map((p) => p.parts)) +
    (like
      ? (PER_CLASS * Math.abs(Math.log(m.reserve / like.reserve))) / Math.log(3) +
        PER_TENTH * 10 * Math.abs(m.densityGPerMl - like.densityGPerMl)
      : 0);
  const seen = new Set<string>();
  return shown
    .sort((m, n) => worth(m) - worth(n))
    .filter(({ paints: of }) => {
      // Of one set of paints the best ratio is enough.
      const key = of
        .map((p) => p.paint)
        .sort()
        .join();
      return !seen.has(key) && seen.add(key);
    })
    .slice(0, most)
    .map(({ reserve: _, ...m }) => m);
}

/**
 * What paints in such parts make, judged against a colour: a recipe that was kept, with the paints as they are now.
 * @returns undefined where one of them is not among the paints
 */
export function madeOf(
  hex: string,
  recipe: FoundMix['paints'],
  paints: readonly Paint[],
): FoundMix | undefined {
  const of = recipe.map(({ paint }) => paints.findIndex(({ id }) => id === paint));
  if (of.length === 0 || of.includes(-1)) return undefined;
  const optics = paints.map((p) => paintOptics(p));
  const parts = recipe.map((p) => p.parts);
  const { lab } = look(
    of.map((i) => optics[i]!),
    parts,
  );
  const deltaE = deltaE2000(lab, hexToLab(hex));
  const { reserve: _, ...made } = finished({ of, parts, deltaE }, paints, optics);
  return made;
}

interface Tried {
  readonly of: readonly number[];
  readonly parts: readonly number[];
  readonly deltaE: number;
}

const cost = (t: Tried): number => t.deltaE + effort(t.parts);

/** What a recipe asks of the hand, as if it were that much farther off, ΔE. */
const effort = (parts: readonly number[]): number =>
  PER_PAINT * (parts.length - 1) +
  PER_DECADE * Math.max(0, Math.log10(Math.max(...parts) / EASY_PARTS));

/** The masstone of a blend: Lab and linear RGB. */
function look(of: readonly PaintOptics[], parts: readonly number[]) {
  let pull = 0;
  const weights = of.map((o, i) => {
    const weight = parts[i]! * o.sigma;
    pull += weight;
    return weight;
  });
  let x = 0;
  let y = 0;
  let z = 0;
  for (let b = 0; b < BANDS; b++) {
    let q = 0;
    for (let i = 0; i < of.length; i++) q += weights[i]! * of[i]!.q[b]!;
    const r = reflectanceOf(q / pull);
    x += WX[b]! * r;
    y += WY[b]! * r;
    z += WZ[b]! * r;
  }
  return { lab: xyzToLab([x, y, z]), linear: xyzToLinear([x, y, z]) };
}

function finished(
  { of, parts, deltaE }: Tried,
  paints: readonly Paint[],
  optics: readonly PaintOptics[],
): FoundMix & { readonly reserve: number } {
  const whole = parts.reduce((sum, p) => sum + p, 0);
  const tint = blend(
    of.map((i, k) => ({ optics: optics[i]!, volume: parts[k]! })),
    0,
  );
  const only = of.length === 1 ? paints[of[0]!] : undefined;
  return {
    paints: of.map((i, k) => ({ paint: paints[i]!.id, parts: parts[k]! })),
    hex:
      only?.hex ??
      linearToHex(
        look(
          of.map((i) => optics[i]!),
          parts,
        ).linear,
      ),
    deltaE,
    opacity: classSeen(barSeen(tint, REFERENCE_UM)),
    densityGPerMl: of.reduce((sum, i, k) => sum + densityOf(paints[i]!) * parts[k]!, 0) / whole,
    reserve: reserveOf(tint),
  };
}
