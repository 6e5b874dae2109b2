/** One layer as it leaves the cup: order 1 leaves first. */
export interface Emitted {
  readonly layer: number;
  readonly mix: string;
  readonly order: number;
  /** Share of the cup's volume, 0..1. */
  readonly share: number;
}

/**
 * In what order layers leave. A cup turned over or poured from the rim lets the last layer out first; one that
 * opens at the bottom lets the first out first (common practice, no published source).
 * @param layers in the order they went in
 */
export function emission(
  layers: readonly { readonly mix: string; readonly ml: number }[],
  outlet: 'rim' | 'bottom',
): Emitted[] {
  const whole = layers.reduce((sum, l) => sum + l.ml, 0);
  const leaving = layers.map(({ mix, ml }, layer) => ({
    layer,
    mix,
    share: whole > 0 ? ml / whole : 0,
  }));
  if (outlet === 'rim') leaving.reverse();
  return leaving.map((l, index) => ({ ...l, order: index + 1 }));
}
