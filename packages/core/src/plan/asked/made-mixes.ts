import type { Consistency } from '../../mix/schema';
import type { Brief } from '../brief/brief';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import { thicknesses } from './thickness';

/** A mix that has been made: when, how thick, and what the plan leaves of it. */
export interface MadeMix {
  readonly mix: string;
  readonly name: string;
  readonly on: string;
  readonly g: number;
  /** What this plan takes of it, g; never more than there is. */
  readonly takenG: number;
  readonly leftG: number;
  readonly step: Consistency;
  /** The step was found by a test, not reckoned. */
  readonly read: boolean;
  /** Oil in it stays in it. */
  readonly silicone: boolean;
  readonly hex: string;
}

/** The log of a plan's mixes, in the order they were made. */
export function madeMixes(plan: Plan, brief: Brief): MadeMix[] {
  const { book } = openPlan(plan);
  const thick = thicknesses(plan, brief);
  return (plan.made ?? []).flatMap((made): MadeMix[] => {
    const mix = plan.mixes.find((m) => m.id === made.mix);
    const reckoned = brief.mixes.find((m) => m.id === made.mix);
    const found = thick.find((t) => t.mix === made.mix);
    if (!mix || !reckoned || !found) return [];
    const g = made.of.reduce((sum, a) => sum + a.g, 0);
    const takenG = Math.min(g, reckoned.g);
    return [
      {
        mix: mix.id,
        name: mix.name,
        on: made.on,
        g,
        takenG,
        leftG: Number((g - takenG).toFixed(6)),
        step: found.step,
        read: found.read,
        silicone: mix.additives?.some((a) => book.material(a.material).role === 'oil') ?? false,
        hex: reckoned.masstoneHex,
      },
    ];
  });
}
