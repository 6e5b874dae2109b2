import { type Act, actOf, type ActStrata } from './act';
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
export const mixesOf = ({ acts }: PourScene): readonly string[] => acts.flatMap(mixesIn);

/**
 * Every stratum of a scene by one number, as `mixesOf` counts them. A birth names a stratum, so mixes can change their
 * colours, or places in the cup, without a new trace.
 */
export interface Strata {
  /** The wave of the layers where a birth left its act, −1..1; smooth, so it may be taken between births that agree. */
  readonly wave: (births: Births, index: number) => number;
  /** Finds where births lie in their cups. */
  readonly place: (births: Births) => Placed;
  /** How far down from one birth to another of the same act the stratum changes, 0..1; half way where that cannot be told. */
  readonly change: (source: number, topBin: number, lowBin: number) => number;
}

/** Where births lie in their cups, one entry each. */
export interface Placed {
  /** Its stratum; `NONE` for none. */
  readonly stratum: Uint16Array;
  /** How much of its stream had left, waves and all, in bins of `STREAM_BINS`; 0 where it came from no stream. */
  readonly bin: Float32Array;
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
  if (count > NONE) throw new RangeError(`a pour holds ${NONE} strata at the most, not ${count}`);
  return {
    wave: ({ source, s, xi, eta }, i) => acts[source[i]!]?.wave(s[i]!, xi[i]!, eta[i]!) ?? 0,
    place: ({ source, s, xi, wave }) => {
      const stratum = new Uint16Array(source.length).fill(NONE);
      const bins = new Float32Array(source.length);
      for (let i = 0; i < source.length; i++) {
        const from = source[i]!;
        const act = acts[from];
        if (!act) continue;
        const bin = act.bin(s[i]!, wave[i]!);
        bins[i] = bin;
        stratum[i] = first[from]! + act.stratum(bin, s[i]!, xi[i]!, wave[i]!);
      }
      return { stratum, bin: bins };
    },
    change: (source, topBin, lowBin) => acts[source]?.change(topBin, lowBin) ?? 0.5,
  };
}
