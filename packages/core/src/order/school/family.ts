import { neighbours } from '../../optics/neighbour';
import { hexToOklch, hueTurn } from '../../optics/oklch';
import type { OrderSchool } from './school';

/** Below this chroma (OKLCh) a colour is of no family. */
const NEUTRAL = 0.035;
/** What goes with everything is kin to everything, a little less than a colour to its like (estimate). */
const NEUTRAL_KIN = 0.7;

/** Handbook 5, common practice, no published source; kinship by the angle between hues is an estimate. */
export const family = {
  id: 'family',
  name: 'Families',
  says: 'Blues lie with blues and reds with reds: kin may sit anywhere and never turn to mud.',
  score: (below, above) => {
    const [a, b] = [hexToOklch(below), hexToOklch(above)];
    const kin = Math.min(a.c, b.c) < NEUTRAL ? NEUTRAL_KIN : 1 - hueTurn(a.h, b.h) / 180;
    return kin * (1 - neighbours(below, above).mud);
  },
} as const satisfies OrderSchool;
