import { type Act, actOf, type ActStrata, type Met, type WayDown } from './act';
import type { PourScene } from './scene';
import { nthOf } from './simulate';
import { type Births, NONE } from './births';

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
  /** Whether an act's paint is all one stratum, so that where in it a birth lies makes no difference. */
  readonly one: (source: number) => boolean;
  /** The wave of the layers where a birth left its act, −1..1; smooth, so it may be taken between births that agree. */
  readonly wave: (births: Births, index: number) => number;
  /** How much of its act's paint had left with a birth, waves and all, in bins of `STREAM_BINS`; 0 where it came from no stream. */
  readonly bin: (births: Births, index: number) => number;
  /** How far across its stream it was, waves and all, 0..1. */
  readonly across: (births: Births, index: number) => number;
  /** The stratum of a birth; `NONE` for none. */
  readonly at: (births: Births, index: number) => number;
  /** The stratum of an act so far along its paint, in bins, and across its stream; `NONE` for no act. */
  readonly of: (source: number, bin: number, across: number) => number;
  /** See `StrataAlong.along`, of an act that is one of the scene's. */
  readonly along: (source: number, way: WayDown, met: Met) => number;
}

/** A scene is drilled through many times, and its cups are emptied but once. */
const known = new WeakMap<PourScene, Strata>();

/** @throws RangeError where there are more strata than two bytes tell apart, `NONE` left out */
export function strataOf(scene: PourScene): Strata {
  const before = known.get(scene);
  if (before) return before;
  const strata = numbered(scene);
  known.set(scene, strata);
  return strata;
}

function numbered(scene: PourScene): Strata {
  const nth = nthOf(scene.acts);
  let count = 0;
  const first: number[] = [];
  const one: boolean[] = [];
  const acts = scene.acts.map((act, i): ActStrata | undefined => {
    const own = mixesIn(act).length;
    first.push(count);
    one.push(own === 1);
    count += own;
    return actOf(act).strata?.(act, scene.seed, nth[i]!);
  });
  if (count > NONE) throw new RangeError(`a pour holds ${NONE} strata at the most, not ${count}`);
  return {
    one: (source) => one[source] ?? false,
    wave: ({ source, s, xi, eta }, i) => acts[source[i]!]?.wave(s[i]!, xi[i]!, eta[i]!) ?? 0,
    bin: ({ source, s, wave }, i) => acts[source[i]!]?.bin(s[i]!, wave[i]!) ?? 0,
    across: ({ source, s, xi, wave }, i) => acts[source[i]!]?.across(s[i]!, xi[i]!, wave[i]!) ?? 0,
    at: ({ source, s, xi, wave }, i) => {
      const from = source[i]!;
      const act = acts[from];
      if (!act) return NONE;
      const w = wave[i]!;
      return first[from]! + act.stratum(act.bin(s[i]!, w), act.across(s[i]!, xi[i]!, w));
    },
    of: (source, bin, across) => {
      const act = acts[source];
      return act ? first[source]! + act.stratum(bin, across) : NONE;
    },
    along: (source, way, met) => {
      const count = acts[source]!.along(way, met);
      for (let n = 0; n < count; n++) met.strata[n] = met.strata[n]! + first[source]!;
      return count;
    },
  };
}
