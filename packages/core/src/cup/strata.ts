import type { LoadedCup } from './load';
import { diveOf, type Stratum } from './withdraw';

/**
 * A loaded cup as it is emptied: strata from the floor up, each with its mix. Layers side by side stand as if the one nearest the pouring side lay on
 * top, those in compartments lie in every height: both come as a blend, told by `stir`.
 */
export function strataOf(cup: LoadedCup): {
  readonly strata: readonly (Stratum & { readonly layer: number; readonly mix: string })[];
  readonly stir: number;
} {
  const of = (layer: number) => {
    const l = cup.layers[layer]!;
    return {
      layer,
      mix: l.mix,
      ml: l.ml,
      dive: diveOf(l.placement, l.dropMm),
      ...(l.sinks > 0 ? { sinks: l.sinks } : {}),
    };
  };
  switch (cup.loading) {
    case 'split':
      return { strata: cup.layers.map((_, i) => ({ ...of(i), dive: 0 })), stir: 1 };
    case 'side':
      return {
        // The first to leave stands on top.
        strata: [...cup.emission].reverse().map((e) => ({ ...of(e.layer), dive: 0 })),
        stir: Math.max(cup.stir, BESIDE),
      };
    default:
      return { strata: cup.layers.map((_, i) => of(i)), stir: cup.stir };
  }
}

/** Layers beside each other leave as one broad band with its neighbours in it (tuned). */
const BESIDE = 0.5;
