import type { WeighStep } from '../../mix/weigh';
import { hexToLab } from '../../optics/lab';
import type { Brief } from '../brief/brief';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** Something to be weighed up: a medium that several mixes share, or a mix. */
export interface ToWeigh {
  readonly kind: 'medium' | 'mix' | 'cup' | 'coat';
  readonly id: string;
  readonly name: string;
  readonly steps: readonly WeighStep[];
}

/** Finishes that stick to a spatula and glitter in what comes next. */
const METALS: ReadonlySet<string> = new Set(['metallic', 'pearl', 'interference']);

/**
 * A whole palette in the order that saves cleaning: mediums first, since mixes take from them; then from the palest colour to the darkest, metals
 * last, so that what sticks to the spatula never shows in the next cup (common practice, no published source).
 */
export function weighingOrder(plan: Plan, brief: Brief): ToWeigh[] {
  const open = openPlan(plan);
  const metal = (id: string): boolean =>
    open.mix(id).paints.some(({ paint }) => METALS.has(open.paint(paint).finish));
  const rank = ({ id, masstoneHex }: Brief['mixes'][number]): number =>
    (metal(id) ? 1000 : 0) - hexToLab(masstoneHex)[0];
  return [
    ...brief.mediums.map(({ id, name, steps }): ToWeigh => ({ kind: 'medium', id, name, steps })),
    ...[...brief.mixes]
      .filter((m) => m.g > 0)
      .sort((a, b) => rank(a) - rank(b))
      .map(({ id, steps }): ToWeigh => ({
        kind: 'mix',
        id,
        name: open.mixName(id),
        steps,
      })),
  ];
}
