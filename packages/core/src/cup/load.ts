import { type Factors, factorsWith } from '../factor';
import { capacityMl, fillableMl, levelAtMm } from '../vessel/frustum';
import { type Emitted, emission } from './emission';
import type { Cup, Layer } from './schema';
import { sinking } from './sinking';

/** A layer with its amount, for one loading of its cup. Levels in mm above the cup's floor. */
export interface LoadedLayer {
  readonly mix: string;
  readonly ml: number;
  readonly g: number;
  readonly fromMm: number;
  readonly toMm: number;
  readonly placement: Layer['placement'];
  readonly dropMm?: number;
  readonly sideDeg?: number;
  /** Share of it that has sunk to the floor by the time the cup is poured. */
  readonly sinks: number;
  readonly pinned: boolean;
}

export interface LoadedCup {
  readonly id: string;
  readonly capacityMl: number;
  /** What may be filled with head-room kept, mL. */
  readonly fillableMl: number;
  readonly filledMl: number;
  /** How often the cup is loaded: once for each piece of a set. */
  readonly loads: number;
  readonly loading: NonNullable<Cup['loading']>;
  readonly stir: number;
  readonly outlet: NonNullable<Cup['outlet']>;
  /** See `Cup.pourSideDeg`; absent where nobody says. */
  readonly pourSideDeg?: number;
  readonly layers: readonly LoadedLayer[];
  readonly emission: readonly Emitted[];
}

/** A mix's paint set aside for the cups, all pieces together. */
export interface ColourPot {
  readonly mix: string;
  readonly ml: number;
}

/** The layers a cup really has: its own, or those of the cup it reverses, the other way round. */
export function layersOf(cup: Cup, cups: readonly Cup[]): readonly Layer[] {
  if (cup.reverseOf === undefined) return cup.layers ?? [];
  const other = cups.find((c) => c.id === cup.reverseOf);
  return other?.layers ? [...other.layers].reverse() : [];
}

/**
 * Divides the pots among the cups: pinned layers take their mL, the others share what is left of their mix's
 * pot by parts. Where pinned layers ask more than the pot, the others get nothing and nothing goes negative.
 * @param loads how often each cup is loaded (pieces of a set); a pot serves all loads
 */
export function loadCups(
  cups: readonly Cup[],
  pots: readonly ColourPot[],
  densityOf: (mix: string) => number,
  loads: number,
  factors: Factors = factorsWith(),
): LoadedCup[] {
  const all = cups.map((cup) => layersOf(cup, cups));
  const left = new Map(pots.map((p) => [p.mix, p.ml / loads]));
  const parts = new Map<string, number>();
  for (const layer of all.flat()) {
    if (layer.ml !== undefined) left.set(layer.mix, (left.get(layer.mix) ?? 0) - layer.ml);
    else parts.set(layer.mix, (parts.get(layer.mix) ?? 0) + (layer.parts ?? 1));
  }
  const mlOf = (layer: Layer): number =>
    layer.ml ??
    (Math.max(0, left.get(layer.mix) ?? 0) * (layer.parts ?? 1)) / (parts.get(layer.mix) ?? 1);

  return cups.map((cup, index) => {
    let filledMl = 0;
    const own = all[index] ?? [];
    const loading = cup.loading ?? 'layered';
    const sinks =
      loading === 'layered'
        ? sinking(
            own.map((l) => ({ ml: mlOf(l), densityGPerMl: densityOf(l.mix) })),
            factors,
          )
        : [];
    const layers = own.map((layer, i): LoadedLayer => {
      const ml = mlOf(layer);
      const fromMm = levelAtMm(cup.vessel, filledMl);
      filledMl += ml;
      return {
        mix: layer.mix,
        ml,
        g: ml * densityOf(layer.mix),
        fromMm,
        toMm: levelAtMm(cup.vessel, filledMl),
        placement: layer.placement,
        ...(layer.dropMm === undefined ? {} : { dropMm: layer.dropMm }),
        ...(layer.sideDeg === undefined ? {} : { sideDeg: layer.sideDeg }),
        sinks: sinks[i] ?? 0,
        pinned: layer.ml !== undefined,
      };
    });
    return {
      id: cup.id,
      capacityMl: capacityMl(cup.vessel),
      fillableMl: fillableMl(cup.vessel),
      filledMl,
      loads,
      loading,
      stir: cup.stir ?? 0,
      outlet: cup.outlet ?? 'rim',
      ...(cup.pourSideDeg === undefined ? {} : { pourSideDeg: cup.pourSideDeg }),
      layers,
      emission: emission(layers, cup),
    };
  });
}

/** mL of each mix that pinned layers ask for, all cups and loads together. */
export function pinnedMl(cups: readonly Cup[], loads: number): ReadonlyMap<string, number> {
  const asked = new Map<string, number>();
  for (const layer of cups.flatMap((cup) => layersOf(cup, cups))) {
    if (layer.ml !== undefined)
      asked.set(layer.mix, (asked.get(layer.mix) ?? 0) + layer.ml * loads);
  }
  return asked;
}
