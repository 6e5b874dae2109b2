import { type Act, actOf, type ActStrata } from './act';
import type { Rings } from './rings';
import type { PourScene } from './scene';
import { nthOf } from './simulate';
import { type Births, NONE } from './trace';

/** Any face would do: only which mixes there are is asked for, not how much of them. */
const ANY_FACE = { areaCm2: 1, outlineMm: 1 };

const mixesIn = (act: Act): string[] =>
  actOf(act)
    .brings(act, ANY_FACE)
    .map((b) => b.mix);

/** Mix of every stratum of a scene by its number: those of its acts in turn. */
export const mixesOf = ({ acts }: Pick<PourScene, 'acts'>): readonly string[] =>
  acts.flatMap(mixesIn);

/**
 * Every stratum of a scene by one number, as `mixesOf` counts them. A birth names a stratum, so mixes can change their
 * colours, or places in the cup, without a new trace.
 */
export interface Strata {
  /** The wave of the layers where a birth left its act, −1..1; smooth, so it may be taken between births that agree. */
  readonly wave: (births: Births, index: number) => number;
  /** How much of its act's paint had left with a birth, waves and all, in bins of `STREAM_BINS`; 0 where it came from no stream. */
  readonly binOf: (births: Births, index: number) => number;
  /** The stratum of a birth; `NONE` for none. */
  readonly at: (births: Births, index: number) => number;
  /** See `ActStrata.rings`; the numbers of its strata begin at `first`. */
  readonly ringsOf: (
    source: number,
  ) => { readonly rings: Rings; readonly first: number } | undefined;
  /** The stratum a share of the way from one birth to another of the same act. */
  readonly between: (from: Births, to: Births, index: number, share: number) => number;
}

/** @throws RangeError where there are more strata than two bytes tell apart, `NONE` left out */
export function strataOf(scene: PourScene): Strata {
  const nth = nthOf(scene.acts);
  let count = 0;
  const first: number[] = [];
  const acts = scene.acts.map((act, i): ActStrata | undefined => {
    first.push(count);
    count += mixesIn(act).length;
    return actOf(act).strata?.(act, scene.seed, nth[i]!);
  });
  const rings = acts.map((act, i) => act?.rings && { rings: act.rings, first: first[i]! });
  if (count > NONE) throw new RangeError(`a pour holds ${NONE} strata at the most, not ${count}`);
  return {
    wave: ({ source, s, xi, eta }, i) => acts[source[i]!]?.wave(s[i]!, xi[i]!, eta[i]!) ?? 0,
    binOf: ({ source, s, wave }, i) => acts[source[i]!]?.bin(s[i]!, wave[i]!) ?? 0,
    at: ({ source, s, xi, wave }, i) => {
      const from = source[i]!;
      const act = acts[from];
      return act ? first[from]! + act.stratum(act.bin(s[i]!, wave[i]!), xi[i]!, wave[i]!) : NONE;
    },
    ringsOf: (source) => rings[source],
    between: (a, b, i, share) => {
      const from = a.source[i]!;
      const act = acts[from];
      if (!act) return NONE;
      const wave = mid(a.wave, b.wave, i, share);
      const bin = act.bin(mid(a.s, b.s, i, share), wave);
      return first[from]! + act.stratum(bin, mid(a.xi, b.xi, i, share), wave);
    },
  };
}

const mid = (from: Float32Array, to: Float32Array, i: number, share: number): number =>
  from[i]! + (to[i]! - from[i]!) * share;
