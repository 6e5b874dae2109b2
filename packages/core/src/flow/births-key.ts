import { actOf } from './act';
import type { PourScene } from './scene';

/**
 * A text that is the same for two scenes exactly where their births are: everything but which mix is which. Colours,
 * opacity, and the order of layers of equal volume may differ.
 */
export const birthsKey = ({ acts, ...scene }: PourScene): string =>
  JSON.stringify({ ...scene, acts: acts.map((act) => [act.kind, actOf(act).key(act)]) });
