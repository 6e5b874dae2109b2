import { hexToLab } from '../../optics/lab';
import type { OrderSchool } from './school';

/**
 * Up in small steps of lightness L*. Every step down counts nothing, so that there are as few as repeats ask for.
 * Handbook 5, common practice, no published source.
 */
export const ramp = {
  id: 'ramp',
  name: 'Ramp',
  says: 'From dark to bright as they go in, one step after the other.',
  score: (below, above) => {
    const rise = hexToLab(above)[0] - hexToLab(below)[0];
    return rise < 0 ? 0 : 1 - rise / 100;
  },
} as const satisfies OrderSchool;
