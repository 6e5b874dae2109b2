import type { Cup } from './schema';
import { firstInFirstOut } from './outlets';

/** One layer, or what has sunk of it, as it leaves the cup: order 1 leaves first; those of one order leave together. */
export interface Emitted {
  readonly layer: number;
  readonly mix: string;
  readonly order: number;
  /** Share of the cup's volume, 0..1. */
  readonly share: number;
  /** It sank through the cup and arrives after all the others. */
  readonly sunk?: true;
}

/** What emission asks of a layer. */
export interface Leaving {
  readonly mix: string;
  readonly ml: number;
  readonly sideDeg?: number;
  /** Share of it that has sunk to the floor. */
  readonly sinks?: number;
}

/** Where one looks into a cup, its pouring side lies to the right unless it says otherwise. */
export const POUR_SIDE_DEG = 0;

/**
 * In what order layers leave. A cup turned over or poured from the rim lets the last layer out first; one that opens at the bottom, a tip or a strainer
 * the first (common practice, no published source). Layers that stand side by side leave by how near they stand to the pouring side, those in
 * compartments all at once. What sank through a rim-poured cup comes after everything else.
 * @param layers in the order they went in
 */
export function emission(
  layers: readonly Leaving[],
  {
    outlet,
    loading,
    pourSideDeg = POUR_SIDE_DEG,
  }: Pick<Cup, 'outlet' | 'loading' | 'pourSideDeg'> = {},
): Emitted[] {
  const whole = layers.reduce((sum, l) => sum + l.ml, 0);
  const share = (ml: number) => (whole > 0 ? ml / whole : 0);
  const all = layers.map((l, layer) => ({ layer, mix: l.mix, share: share(l.ml) }));
  if (loading === 'split') return all.map((l) => ({ ...l, order: 1 }));
  if (loading === 'side') {
    const away = (layer: number) => turn((layers[layer]?.sideDeg ?? 0) - pourSideDeg);
    const distances = [...new Set(all.map((l) => away(l.layer)))].sort((a, b) => a - b);
    return all
      .map((l) => ({ ...l, order: distances.indexOf(away(l.layer)) + 1 }))
      .sort((a, b) => a.order - b.order);
  }
  if (firstInFirstOut(outlet)) return all.map((l, i) => ({ ...l, order: i + 1 }));
  const leaving = all
    .map((l) => ({ ...l, share: l.share * (1 - (layers[l.layer]?.sinks ?? 0)) }))
    .reverse()
    .map((l, i) => ({ ...l, order: i + 1 }));
  const late = all.flatMap((l) => {
    const sinks = layers[l.layer]?.sinks ?? 0;
    return sinks > 0
      ? [{ ...l, share: l.share * sinks, order: leaving.length + 1, sunk: true as const }]
      : [];
  });
  return [...leaving, ...late];
}

/** The smaller angle between two directions, degrees. */
export const turn = (deg: number): number => {
  const round = Math.abs(deg) % 360;
  return round > 180 ? 360 - round : round;
};
