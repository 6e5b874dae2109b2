import { POUR_SIDE_DEG, turn } from './emission';
import type { LoadedCup } from './load';
import { diveOf, type Stratum } from './withdraw';

/**
 * A loaded cup as it is emptied: strata from the floor up, each with its mix. Layers side by side stand as if the one nearest the pouring side lay on
 * top, and come as a blend, told by `stir`. Those in compartments, or as near to the pouring side as each other, lie in every height: they leave
 * together, `beside` each other across the stream from the left of the pouring side to its right.
 */
export function strataOf(cup: LoadedCup): {
  readonly strata: readonly (Stratum & { readonly layer: number; readonly mix: string })[];
  readonly stir: number;
  readonly beside?: true;
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
      return { strata: cup.layers.map((_, i) => ({ ...of(i), dive: 0 })), stir: 1, beside: true };
    case 'side':
      if (together(cup))
        return {
          strata: cup.layers
            .map((_, i) => ({ ...of(i), dive: 0 }))
            .sort((a, b) => flankOf(cup, a.layer) - flankOf(cup, b.layer)),
          stir: 1,
          beside: true,
        };
      return {
        // The first to leave stands on top.
        strata: [...cup.emission].reverse().map((e) => ({ ...of(e.layer), dive: 0 })),
        stir: Math.max(cup.stir, BESIDE),
      };
    default:
      return { strata: cup.layers.map((_, i) => of(i)), stir: cup.stir };
  }
}

/** Layers no farther apart than this, as seen from the pouring side, leave together, degrees. */
const TOGETHER_DEG = 30;

const sideOf = (cup: LoadedCup, layer: number): number =>
  (cup.layers[layer]?.sideDeg ?? 0) - (cup.pourSideDeg ?? POUR_SIDE_DEG);

function together(cup: LoadedCup): boolean {
  const away = cup.layers.map((_, i) => turn(sideOf(cup, i)));
  return Math.max(...away) - Math.min(...away) <= TOGETHER_DEG;
}

/** How far to the right of the pouring side a layer stands, −1..1. */
const flankOf = (cup: LoadedCup, layer: number): number =>
  Math.sin((sideOf(cup, layer) * Math.PI) / 180);

/** Layers beside each other leave as one broad band with its neighbours in it (tuned). */
const BESIDE = 0.5;
