import type { LoadedLayer } from '../../cup/load';
import { apportion } from '../../quantity/apportion';
import type { Vessel } from '../../vessel/schema';
import type { Brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import type { ToWeigh } from './weighing-order';

/** One loading of one cup: what goes in, in its order, and into which vessel. A set has one for each of its pieces. */
export interface CupToLoad extends ToWeigh {
  readonly kind: 'cup';
  readonly cup: string;
  readonly vessel: Vessel;
  readonly layers: readonly LoadedLayer[];
}

/** Every loading of every cup, all cups of a piece before those of the next. Grams are whole steps of the scale and add up to what the cup holds. */
export function cupsToLoad(plan: Plan, brief: Brief): CupToLoad[] {
  const loads = Math.max(1, ...brief.cups.map((c) => c.loads));
  return Array.from({ length: loads }, (_, load) =>
    brief.cups.flatMap((loaded, i): CupToLoad[] => {
      const vessel = plan.cups[i]?.vessel;
      if (!vessel || load >= loaded.loads) return [];
      const layers = loaded.layers.filter((l) => l.ml > 0);
      const grams = apportion(
        layers.map((l) => l.g),
        plan.budget.stepG,
      );
      let reads = 0;
      return [
        {
          kind: 'cup',
          id: `${loaded.id} ${load + 1}`,
          cup: loaded.id,
          name:
            loaded.loads > 1
              ? `Cup ${i + 1}, piece ${load + 1} of ${loaded.loads}`
              : `Cup ${i + 1}`,
          vessel,
          layers,
          steps: layers.map((l, k) => {
            const g = grams[k] ?? 0;
            reads = Number((reads + g).toFixed(6));
            return { material: l.mix, g, ml: l.g > 0 ? (g * l.ml) / l.g : 0, scaleReadsG: reads };
          }),
        },
      ];
    }),
  ).flat();
}
