import { normalise } from '../../budget/budget';
import { sharesByIntent } from '../../budget/intent';
import type { Budget, Intent, SchoolId } from '../../budget/schema';
import type { Surface } from '../../surface/schema';
import { backgroundOf } from '../beginning/background';
import { likelyIntents } from '../beginning/intents';
import { rewriteMoves } from '../beginning/moves';
import { withSchool } from '../beginning/needs';
import type { Plan } from '../document/schema';

export const setSurface = (plan: Plan, change: Partial<Surface>): Plan =>
  rewriteMoves({ ...plan, surface: { ...plan.surface, ...change } }, plan);

/** Sets the surface whole, as where something of it is taken away. */
export const setWholeSurface = (plan: Plan, surface: Surface): Plan =>
  rewriteMoves({ ...plan, surface }, plan);

export const setBudget = (plan: Plan, change: Partial<Budget>): Plan => ({
  ...plan,
  budget: { ...plan.budget, ...change },
});

/** Has every mix made in whole amounts of so many grams, or as it is reckoned. */
export function roundPartsTo(plan: Plan, partsToG: number | undefined): Plan {
  const { partsToG: _, ...budget } = plan.budget;
  return { ...plan, budget: partsToG === undefined ? budget : { ...budget, partsToG } };
}

/** Changes the school with what goes with it: its insurance, the base its technique wants, the edge pot. */
export const setSchool = (plan: Plan, school: SchoolId): Plan =>
  rewriteMoves(withSchool(plan, school), plan);

/**
 * Sets one colour's share of the whole, 0 to 1, by hand. Those not set by hand fill the rest in the relation they have; where all are
 * set, or those set leave nothing, the others give way together.
 */
export function setShare(plan: Plan, mix: string, share: number): Plan {
  const now = normalise(plan.budget.shares);
  const was = (id: string) => plan.budget.shares.find((s) => s.mix === id);
  const others = now.filter((s) => s.mix !== mix);
  const held = others.filter((s) => was(s.mix)?.set);
  const heldSum = held.reduce((sum, s) => sum + s.share, 0);
  const yielding =
    held.length < others.length && share + heldSum <= 1
      ? others.filter((s) => !held.includes(s))
      : others;
  const left = 1 - share - (yielding === others ? 0 : heldSum);
  const rest = yielding.reduce((sum, s) => sum + s.share, 0);
  return setBudget(plan, {
    shares: now.map((s) => {
      const { share: _, ...kept } = was(s.mix)!;
      if (s.mix === mix)
        return { ...kept, share: tidy(others.length === 0 ? 1 : share), set: true };
      if (!yielding.includes(s)) return { ...kept, share: tidy(s.share) };
      return {
        ...kept,
        share: tidy(rest > 0 ? (s.share / rest) * left : left / yielding.length),
      };
    }),
  });
}

/** Lets a share set by hand give way again with the others. */
export const releaseShare = (plan: Plan, mix: string): Plan =>
  setBudget(plan, {
    shares: plan.budget.shares.map(({ set, ...s }) =>
      set === undefined || s.mix === mix ? s : { ...s, set },
    ),
  });

/** Says what a colour is for, and shares all anew by that. */
export function setIntent(plan: Plan, mix: string, intent: Intent): Plan {
  const was = backgroundOf(plan);
  const shares = plan.budget.shares.map((s) => (s.mix === mix ? { ...s, intent } : s));
  if (intent !== 'background') return setBudget(plan, { shares: sharesByIntent(shares) });
  // There is one background: another that was meant for it supports now, and what is laid and wetted with it follows.
  const one = shares.map((s) =>
    s.mix !== mix && s.intent === 'background' ? { ...s, intent: 'support' as const } : s,
  );
  const pots = plan.budget.pots.map((p) =>
    (p.use === 'base' || p.use === 'edge') && p.mix === was ? { ...p, mix } : p,
  );
  return rewriteMoves(setBudget(plan, { shares: sharesByIntent(one), pots }), plan);
}

/** Shares by what each colour is for; where nothing has been said of one, by what it seems to be for. */
export function shareByIntent(plan: Plan): Plan {
  const likely = likelyIntents(plan);
  return setBudget(plan, {
    shares: sharesByIntent(
      plan.budget.shares.map((s) => ({ ...s, intent: s.intent ?? likely.get(s.mix) ?? 'support' })),
    ),
  });
}

export const evenShares = (plan: Plan): Plan =>
  setBudget(plan, {
    shares: plan.budget.shares.map(({ mix }) => ({
      mix,
      share: tidy(1 / plan.budget.shares.length),
    })),
  });

/** Moves the border between two neighbours of the palette: what one gains the other loses, the rest stay. */
export function moveBorder(plan: Plan, index: number, by: number): Plan {
  const shares = normalise(plan.budget.shares);
  const [left, right] = [shares[index], shares[index + 1]];
  if (!left || !right) return plan;
  const shift = Math.min(Math.max(by, -left.share), right.share);
  return setBudget(plan, {
    shares: shares.map((s, i) => ({
      ...plan.budget.shares[i]!,
      share: tidy(i === index ? s.share + shift : i === index + 1 ? s.share - shift : s.share),
    })),
  });
}

const tidy = (share: number): number => Number(share.toFixed(4));
