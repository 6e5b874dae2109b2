import { outletOf, outletWords } from '../cup/outlets';
import type { Cup } from '../cup/schema';
import type { Empties } from './define';

/** A cup poured through its outlet, as most verbs empty one. */
export const pouredThrough = (outlet: Cup['outlet']): Empties => ({
  outlet: outletOf(outlet),
  ...outletWords(outlet),
  sunk: 'arrives at the very end, as a small focus',
});
