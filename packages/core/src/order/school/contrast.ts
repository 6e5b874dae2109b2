import { neighbours } from '../../optics/neighbour';
import type { OrderSchool } from './school';

/** Handbook 5, common practice, no published source. */
export const contrast = {
  id: 'contrast',
  name: 'Contrast',
  says: 'Unlike colours lie together, so that none is lost; pairs that make mud are kept apart.',
  score: (below, above) => neighbours(below, above).score,
} as const satisfies OrderSchool;
