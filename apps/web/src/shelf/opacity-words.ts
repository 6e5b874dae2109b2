import type { Paint } from '@potter/core/paint';
import { trim } from '@potter/core/quantity';

/** How a paint covers, as it is known: its class, or what was measured. */
export const opacityWords = (opacity: Paint['opacity']): string =>
  typeof opacity === 'string'
    ? opacity
    : `${trim(opacity.contrastRatio * 100, 1)} % at ${trim(opacity.wetMicrons, 0)} µm`;
