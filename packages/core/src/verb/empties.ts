import { outletOf, outletWords, TURNED_OVER } from '../cup/outlets';
import type { Cup } from '../cup/schema';
import type { Empties } from './define';

/** A cup poured through its outlet in one place, as most verbs empty one. */
export const pouredThrough = (outlet: Cup['outlet']): Empties => ({
  outlet: outletOf(outlet),
  ...outletWords(outlet),
  sunk: 'arrives at the very end, as a small focus',
  lies: 'rings',
});

/** A cup poured through its outlet along a way. */
export const pouredOnItsWay = (outlet: Cup['outlet']): Empties => ({
  ...pouredThrough(outlet),
  lies: 'bands',
});

/** A cup turned over on the surface. */
export const turnedOver = (): Empties => ({
  outlet: TURNED_OVER,
  first: 'touches the surface first, runs outward',
  last: 'comes last, ends on top in the middle',
  sunk: 'comes out last',
  lies: 'rings',
});
