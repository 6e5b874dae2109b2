import { normalise } from '../../budget/budget';
import type { Budget, SchoolId } from '../../budget/schema';
import { SCHOOLS } from '../../budget/school';
import type { Surface } from '../../surface/schema';
import { techniqueOf } from '../../technique';
import { rewriteMoves } from '../moves';
import type { Plan } from '../schema';

export const setSurface = (plan: Plan, change: Partial<Surface>): Plan =>
  rewriteMoves({ ...plan, surface: { ...plan.surface, ...change } }, plan);

export const setBudget = (plan: Plan, change: Partial<Budget>): Plan => ({
  ...plan,
  budget: { ...plan.budget, ...change },
});

/** Changes the school with what goes with it: its insurance, the base its technique wants, the edge pot. */
export function setSchool(plan: Plan, school: SchoolId): Plan {
  const { needs } = techniqueOf(plan.technique.id);
  const kept = plan.budget.pots.filter((p) => p.use !== 'base' && p.use !== 'edge');
  const was = plan.budget.pots.find((p) => p.use === 'base' || p.use === 'edge')?.mix;
  const mix = was ?? plan.budget.shares[0]?.mix;
  const baseMm = school === 'generous' ? needs.baseMm?.generous : needs.baseMm?.otherwise;
  const edge =
    !SCHOOLS[school].countsEdges && plan.surface.coverEdges && plan.surface.edgeDepthMm > 0;
  const pots = [
    ...(mix !== undefined && baseMm !== undefined
      ? [{ use: 'base' as const, mix, filmMm: baseMm }]
      : []),
    ...(mix !== undefined && edge ? [{ use: 'edge' as const, mix, filmMm: 0.5 }] : []),
    ...kept,
  ];
  return rewriteMoves(
    setBudget(plan, { school, insurance: SCHOOLS[school].insurance, pots }),
    plan,
  );
}

/** Sets one colour's share of the whole, 0 to 1; the others keep their relation and fill the rest. */
export function setShare(plan: Plan, mix: string, share: number): Plan {
  const now = normalise(plan.budget.shares);
  const rest = now.filter((s) => s.mix !== mix).reduce((sum, s) => sum + s.share, 0);
  const others = now.length - 1;
  const shares = now.map((s) => {
    if (s.mix === mix) return { mix, share: tidy(others === 0 ? 1 : share) };
    return {
      mix: s.mix,
      share: tidy(rest > 0 ? (s.share / rest) * (1 - share) : (1 - share) / others),
    };
  });
  return setBudget(plan, { shares });
}

export const evenShares = (plan: Plan): Plan =>
  setBudget(plan, {
    shares: plan.budget.shares.map((s) => ({
      mix: s.mix,
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
      mix: s.mix,
      share: tidy(i === index ? s.share + shift : i === index + 1 ? s.share - shift : s.share),
    })),
  });
}

const tidy = (share: number): number => Number(share.toFixed(4));
