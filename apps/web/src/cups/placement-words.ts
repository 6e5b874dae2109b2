import type { Layer } from '@potter/core/cup';
import { trim } from '@potter/core/quantity';
import { sideName } from '@/ui/compass';

/** Where and how a layer goes in, short enough for its row. */
export function placementWords(
  layer: Pick<Layer, 'placement' | 'dropMm' | 'sideDeg'> | undefined,
): string {
  switch (layer?.placement) {
    case 'wall':
      return 'down the wall';
    case 'middle':
      return 'into the middle';
    case 'high':
      return `from ${trim((layer.dropMm ?? 150) / 10, 0)} cm high`;
    case 'side':
      return `to the ${sideName(layer.sideDeg ?? 0)}`;
    default:
      return '';
  }
}
