import { actOf } from './act';
import type { PourScene } from './scene';
import { mixesOf } from './strata';

/**
 * A text that is the same for two scenes exactly where their births are: everything but which mix is which. Colours,
 * opacity, and the order of layers of equal volume may differ.
 */
export const birthsKey = ({ acts, nuOf, ...scene }: PourScene): string =>
  JSON.stringify({
    ...scene,
    acts: acts.map((act) => [act.kind, actOf(act).key(act)]),
    ...(nuOf ? { nus: mixesOf({ acts }).map((mix) => nuOf[mix]) } : {}),
  });
