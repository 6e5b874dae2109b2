import { SCALES } from '@potter/core/scale';
import { bluetoothScale } from './bluetooth-scale';
import type { ScaleSource } from './scale-source';
import { simulatedScale } from './simulated-scale';
import { typedScale } from './typed-scale';
import type { ScaleWay } from './ways';

/**
 * The scale of each way of weighing. A new one is a file such as `typed-scale.ts`, named here and among the ways.
 * @param heldG what it shows already
 */
export const scaleOf = (
  way: ScaleWay,
  { stepG, seed, heldG }: { readonly stepG: number; readonly seed: number; readonly heldG: number },
): ScaleSource => {
  switch (way) {
    case 'typed':
      return typedScale(stepG);
    case 'air':
      return bluetoothScale();
    default:
      return simulatedScale(SCALES[way], seed, heldG);
  }
};
