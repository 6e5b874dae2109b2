import type { Paint } from '../../paint/schema';
import type { Mix } from '../../mix/schema';
import type { CupOrder } from '../../order/schema';
import { chosenTechnique } from '../../technique';
import { referencesOf } from '../../verb';
import { mixFor } from '../beginning/create';
import { rewriteMoves } from '../beginning/moves';
import type { Plan } from '../document/schema';
import { setShare } from './amounts';
import { freeId, moved } from './list';

/** Adds a paint as a colour of its own, with an even share and a layer on top of every cup. A paint that is in already changes nothing. */
export function addColour(plan: Plan, paint: Paint): Plan {
  if (plan.paints.some((p) => p.id === paint.id)) return plan;
  return asColour(
    { ...plan, paints: [...plan.paints, paint] },
    mixFor(paint, chosenTechnique(plan).needs.consistency, plan.landings),
  );
}

/** Adds a mix of paints the plan has as a colour of its own, with an even share and a layer on top of every cup. */
export function asColour(plan: Plan, mix: Mix): Plan {
  const id = freeId(
    mix.id,
    plan.mixes.map((m) => m.id),
  );
  const grown: Plan = {
    ...plan,
    mixes: [...plan.mixes, { ...mix, id }],
    budget: { ...plan.budget, shares: [...plan.budget.shares, { mix: id, share: 0 }] },
    cups: plan.cups.map((cup) =>
      cup.layers
        ? { ...cup, layers: [...cup.layers, { mix: id, parts: 1, placement: 'wall' as const }] }
        : cup,
    ),
  };
  return setShare(grown, id, 1 / grown.budget.shares.length);
}

/** Takes a colour out: its mix, its share, layers, pots, and paints no other mix uses. The last colour stays. */
export function removeColour(plan: Plan, mixId: string): Plan {
  const shares = plan.budget.shares.filter((s) => s.mix !== mixId);
  const mixes = plan.mixes.filter((m) => m.id !== mixId);
  if (shares.length === 0 || mixes.length === 0) return plan;
  const used = new Set(mixes.flatMap((m) => m.paints.map((p) => p.paint)));
  const without: Plan = {
    ...plan,
    paints: plan.paints.filter((p) => used.has(p.id)),
    mixes,
    ...(plan.made ? { made: plan.made.filter((m) => m.mix !== mixId) } : {}),
    ...(plan.readings ? { readings: plan.readings.filter((r) => r.mix !== mixId) } : {}),
    ...(plan.pictures ? { pictures: plan.pictures.filter((p) => p.mix !== mixId) } : {}),
    budget: { ...plan.budget, shares, pots: plan.budget.pots.filter((p) => p.mix !== mixId) },
    cups: plan.cups.map((cup) =>
      cup.layers ? { ...cup, layers: cup.layers.filter((l) => l.mix !== mixId) } : cup,
    ),
    moves: plan.moves.filter((m) => !referencesOf(m).some((r) => r.to === 'mix' && r.id === mixId)),
    ...(plan.order ? { order: withoutMix(plan.order, mixId) } : {}),
  };
  return rewriteMoves(without, { ...plan, moves: without.moves });
}

/** What is asked of the order, less what names this mix. */
function withoutMix({ first, last, separator, apart, ...rest }: CupOrder, mix: string): CupOrder {
  const others = apart?.filter((p) => p.a !== mix && p.b !== mix) ?? [];
  return {
    ...rest,
    ...(first === undefined || first === mix ? {} : { first }),
    ...(last === undefined || last === mix ? {} : { last }),
    ...(separator === undefined || separator === mix ? {} : { separator }),
    ...(others.length > 0 ? { apart: others } : {}),
  };
}

/** Moves a colour to the place of another in the palette; nothing else of it changes. */
export function moveColour(plan: Plan, mix: string, to: string): Plan {
  const at = (id: string) => plan.budget.shares.findIndex((s) => s.mix === id);
  return {
    ...plan,
    budget: { ...plan.budget, shares: moved(plan.budget.shares, at(mix), at(to)) },
  };
}
